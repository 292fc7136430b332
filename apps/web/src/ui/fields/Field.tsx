import type { InputHTMLAttributes, ReactNode, SelectHTMLAttributes } from 'react';

const BOX = 'border-rule bg-sheet rounded-cut w-full border px-2 py-1 placeholder:text-pencil';

export function Label({
  text,
  children,
  className = '',
}: {
  readonly text: string;
  readonly children: ReactNode;
  readonly className?: string;
}) {
  return (
    <label className={`block ${className}`}>
      <span className="text-pencil mb-0.5 block text-[0.87rem]">{text}</span>
      {children}
    </label>
  );
}

export const Input = ({ className = '', ...rest }: InputHTMLAttributes<HTMLInputElement>) => (
  <input className={`${BOX} ${className}`} {...rest} />
);

interface ChoiceProps<T extends string> extends Omit<SelectHTMLAttributes<HTMLSelectElement>, 'onChange' | 'value'> {
  readonly value: T;
  readonly options: readonly { readonly value: T; readonly label: string }[];
  readonly onChoose: (value: T) => void;
}

/** A choice of a few words. */
export function Choice<T extends string>({ value, options, onChoose, className = '', ...rest }: ChoiceProps<T>) {
  return (
    <select
      className={`${BOX} ${className}`}
      value={value}
      onChange={(event) => {
        const chosen = options.find((option) => option.value === event.target.value);
        if (chosen) onChoose(chosen.value);
      }}
      {...rest}
    >
      {options.map((option) => (
        <option key={option.value} value={option.value}>
          {option.label}
        </option>
      ))}
    </select>
  );
}
