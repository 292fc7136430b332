/** The heads of a table's columns; those of figures stand to the right, above their figures. */
export function Heads({ names, right = [], className = '' }: HeadsProps) {
  return (
    <thead className={`text-pencil text-left text-[0.87rem] ${className}`}>
      <tr>
        {names.map((name) => (
          <th key={name} scope="col" className={`py-1 pr-2 font-medium last:pr-0 ${right.includes(name) ? 'text-right' : ''}`}>
            {name}
          </th>
        ))}
      </tr>
    </thead>
  );
}

interface HeadsProps {
  readonly names: readonly string[];
  readonly right?: readonly string[];
  readonly className?: string;
}
