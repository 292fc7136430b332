import { type Trait, TRAITS, type TraitValue } from '@outfit/core/lineup';
import { useMemo } from 'react';
import { Link } from 'react-router';
import { FigurePicture, SmallPart, Swatch } from '@/parts';
import { useWorkspace } from '@/workspace';
import type { WayProps } from '../wayProps';

const HEAD_PX = 1.5;

/** Who wears which face, hair, skin, expression: each row a figure, each repeat with a band of its own. */
export default function VarietyMatrix({ lineUp, judged, told, selection }: WayProps) {
  const { catalogue } = useWorkspace();
  const of = useMemo(() => {
    const cells = new Map<string, TraitValue>();
    for (const { trait, values } of told.variety.traits)
      for (const value of values) for (const figure of value.figures) cells.set(`${figure} ${trait}`, value);
    return (figure: string, trait: Trait): TraitValue | undefined => cells.get(`${figure} ${trait}`);
  }, [told]);
  const uniform = new Set(lineUp.plan.uniform.map(({ part }) => catalogue.resolve(part.variant)));
  const heights = new Map(told.heights.rows.map((row) => [row.figure, row]));
  return (
    <div className="min-h-0 flex-1 overflow-auto px-5 py-3">
      <p className="text-pencil mb-2 text-[0.93rem]">
        What more than one of them has is banded, the uniform in grey; press it to choose all who have it.
      </p>
      <table className="w-full border-collapse text-[0.87rem]">
        <thead className="bg-paper text-pencil sticky top-0 z-10 text-left">
          <tr>
            <th scope="col" className="py-1 pr-2 font-medium" colSpan={2}>
              Figure
            </th>
            {TRAITS.map((trait) => (
              <th key={trait} scope="col" className="py-1 pr-2 font-medium first-letter:uppercase">
                {trait}
              </th>
            ))}
            <th scope="col" className="py-1 text-right font-medium">
              Stands (mm)
            </th>
          </tr>
        </thead>
        <tbody>
          {judged.map(({ figure, look }) => {
            const height = heights.get(figure.id);
            return (
              <tr key={figure.id} className={`border-rule border-t ${selection.has(figure.id) ? 'bg-lagoon-wash' : ''}`}>
                <td className="w-10 py-0.5 pr-2">
                  {look.parts.length > 0 && <FigurePicture look={look} catalogue={catalogue} pxPerMm={HEAD_PX * 0.8} label="" />}
                </td>
                <th scope="row" className="pr-3 text-left font-medium">
                  <Link to={`/figures/${figure.id}/fitting`} className="hover:text-lagoon">
                    {figure.brief.name}
                  </Link>
                </th>
                {TRAITS.map((trait) => (
                  <td key={trait} className="pr-2">
                    <Cell
                      trait={trait}
                      value={of(figure.id, trait)}
                      isUniform={uniform.has(of(figure.id, trait)?.variant ?? '')}
                      onChoose={(ids) => selection.set(ids)}
                    />
                  </td>
                ))}
                <td className="text-right font-mono">
                  {height ? (
                    <span
                      className={height.offMm === 0 ? '' : 'text-madder'}
                      title={`${height.band}${height.age === null ? '' : `, ${height.age}`}`}
                    >
                      {height.bodyMm.toFixed(1)}
                    </span>
                  ) : (
                    '–'
                  )}
                </td>
              </tr>
            );
          })}
        </tbody>
      </table>
    </div>
  );
}

interface CellProps {
  /** Worn on purpose by all who have it. */
  readonly isUniform: boolean;
  readonly trait: Trait;
  readonly value: TraitValue | undefined;
  readonly onChoose: (figures: readonly string[]) => void;
}

function Cell({ trait, value, isUniform, onChoose }: CellProps) {
  const { catalogue } = useWorkspace();
  if (!value) return <span className="text-pencil">–</span>;
  const isColour = trait === 'hair colour' || trait === 'skin';
  const shown = (
    <span className="flex items-center gap-1.5">
      {isColour ? (
        <Swatch colour={catalogue.colour(value.key)} />
      ) : (
        <>
          {value.variant !== '' && (trait === 'face' || trait === 'torso' || trait === 'legs') && (
            <SmallPart variant={catalogue.variant(value.variant)} />
          )}
          <span className="line-clamp-2">{trait === 'torso' || trait === 'legs' ? lastWords(value.label) : value.label}</span>
        </>
      )}
    </span>
  );
  if (value.figures.length === 1) return shown;
  return (
    <button
      type="button"
      className={`${isUniform ? 'border-rule' : 'border-saffron'} hover:bg-lagoon-wash flex w-full items-center gap-1 border-l-4 pl-1 text-left`}
      aria-label={`${trait}: ${value.label}, ${value.figures.length} have it; choose them`}
      onClick={() => onChoose(value.figures)}
    >
      {shown}
      <span className={`ml-auto font-mono ${isUniform ? 'text-pencil' : 'text-saffron'}`}>{value.figures.length}</span>
    </button>
  );
}

/** "Torso in woad, carrier coat" → "woad, carrier coat": which part it is stands at the column's head. */
const lastWords = (label: string): string => label.replace(/^.*? in /, '');
