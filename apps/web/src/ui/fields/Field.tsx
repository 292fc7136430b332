import {
  createContext,
  type InputHTMLAttributes,
  type ReactNode,
  type SelectHTMLAttributes,
  type TextareaHTMLAttributes,
  useContext,
} from 'react';
import { Picker } from '../picker';

const BOX = 'border-rule bg-sheet rounded-cut w-full border px-2 py-1 placeholder:text-pencil';

/** The words of the label around a field, for fields that a label does not name by itself. */
const LabelText = createContext('');

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
      <LabelText.Provider value={text}>{children}</LabelText.Provider>
    </label>
  );
}

export const Input = ({ className = '', ...rest }: InputHTMLAttributes<HTMLInputElement>) => (
  <input className={`${BOX} ${className}`} {...rest} />
);

export const TextArea = ({ className = '', ...rest }: TextareaHTMLAttributes<HTMLTextAreaElement>) => (
  <textarea className={`${BOX} ${className}`} {...rest} />
);

interface ChoiceProps<T extends string> extends Omit<SelectHTMLAttributes<HTMLSelectElement>, 'onChange' | 'value'> {
  readonly value: T;
  readonly options: readonly { readonly value: T; readonly label: string }[];
  readonly onChoose: (value: T) => void;
}

/** So many words can be taken in at a glance; among more one searches. */
const MOST_AT_A_GLANCE = 10;

/** A choice of words: of a few from a plain list, of more by searching. An option without a value that ends in "…" asks to choose. */
export function Choice<T extends string>({ value, options, onChoose, className = '', ...rest }: ChoiceProps<T>) {
  const around = useContext(LabelText);
  if (options.length > MOST_AT_A_GLANCE) {
    const asking = options.find((option) => option.value === '' && option.label.endsWith('…'));
    return (
      <Picker
        label={rest['aria-label'] ?? around}
        value={value}
        options={options.filter((option) => option !== asking).map((option) => ({ value: option.value, text: option.label }))}
        {...(asking && { placeholder: asking.label })}
        {...(rest.disabled === true && { disabled: true })}
        className={className}
        onChoose={(chosen) => onChoose(chosen as T)}
      />
    );
  }
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
