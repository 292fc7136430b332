import { amountOf, inUnits } from '@outfit/core';
import { type InputHTMLAttributes, useId } from 'react';
import { Input } from './Field';

interface AmountInputProps extends Omit<InputHTMLAttributes<HTMLInputElement>, 'value' | 'onChange' | 'type'> {
  /** As it is typed; `amountOf` reads it. */
  readonly value: string;
  /** What it is in, ISO 4217. */
  readonly currency: string;
  readonly onType: (text: string) => void;
}

/** A field for an amount. What is none is said while it is typed, not when it is sent. */
export function AmountInput({ value, currency, onType, className = '', ...rest }: AmountInputProps) {
  const says = useId();
  const isUnreadable = amountOf(value, currency) === 'unreadable';
  return (
    <>
      <Input
        inputMode="decimal"
        className={`${value === '' ? '' : 'font-mono'} ${className}`}
        value={value}
        maxLength={20}
        aria-invalid={isUnreadable}
        {...(isUnreadable ? { 'aria-describedby': says } : {})}
        onChange={(event) => onType(event.target.value)}
        {...rest}
      />
      {isUnreadable && (
        <span id={says} role="status" className="text-cochineal block text-[0.87rem]">
          “{value.trim()}” is no amount: write one such as {inUnits(395, currency)}.
        </span>
      )}
    </>
  );
}
