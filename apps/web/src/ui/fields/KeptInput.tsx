import { useState } from 'react';
import { Input } from './Field';

interface KeptInputProps {
  readonly label: string;
  readonly value: string;
  readonly maxLength: number;
  /** May it be kept empty? */
  readonly optional?: boolean;
  readonly placeholder?: string;
  readonly className?: string;
  readonly onKeep: (value: string) => void;
  /** The field was left, with or without a change. It is written in from the first moment then. */
  readonly onLeft?: () => void;
}

/** A line of text that is kept when it is left or Enter is pressed, and only when it has changed. */
export const KeptInput = (props: KeptInputProps) => <Draft key={props.value} {...props} />;

function Draft({ label, value, maxLength, optional = false, placeholder, className = '', onKeep, onLeft }: KeptInputProps) {
  const [text, setText] = useState(value);
  const keep = (): void => {
    const next = text.trim();
    if (next !== value && (optional || next !== '')) onKeep(next);
  };
  return (
    <Input
      aria-label={label}
      className={className}
      placeholder={placeholder}
      value={text}
      maxLength={maxLength}
      onChange={(event) => setText(event.target.value)}
      // Where it may be left it was opened to be written in.
      autoFocus={onLeft !== undefined}
      onBlur={() => {
        keep();
        onLeft?.();
      }}
      onKeyDown={(event) => event.key === 'Enter' && (onLeft ? event.currentTarget.blur() : keep())}
    />
  );
}
