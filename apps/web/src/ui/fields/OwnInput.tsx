import { type InputHTMLAttributes, useEffect, useRef, useState, useSyncExternalStore } from 'react';
import { Input } from './Field';
import { OwnText } from './ownText';

/** What is typed is followed when the hand rests this long: a page is not drawn again for every letter of a word. */
const RESTING_MS = 120;
/** So long after the field was left, what it asked for and never saw come back is taken to have been overtaken. */
const SETTLED_MS = 1500;

interface OwnInputProps extends Omit<InputHTMLAttributes<HTMLInputElement>, 'onChange' | 'value'> {
  /** The value as it stands in the address. */
  readonly value: string;
  /** The value a text stands for, where that is not the text itself: "3.50" and "3.5" are one price. */
  readonly asValue?: (text: string) => string;
  readonly onFollow: (text: string) => void;
}

/** A field that owns its text; the address follows it when the hand rests, when Enter is pressed and when the field is left. */
export function OwnInput({ value, asValue, onFollow, onFocus, onBlur, onKeyDown, ...rest }: OwnInputProps) {
  const [own] = useState(() => new OwnText(value, asValue));
  const text = useSyncExternalStore(own.subscribe, () => own.text);
  const timer = useRef<ReturnType<typeof setTimeout>>(undefined);
  const settling = useRef<ReturnType<typeof setTimeout>>(undefined);
  const follow = useRef(onFollow);
  useEffect(() => void (follow.current = onFollow));
  useEffect(() => {
    if (!own.arrive(value)) return;
    clearTimeout(timer.current);
    timer.current = undefined;
  }, [own, value]);
  const ask = (): void => {
    if (timer.current === undefined) return;
    clearTimeout(timer.current);
    timer.current = undefined;
    own.ask();
    follow.current(own.text);
  };
  // A field that goes away in the middle of a word takes nothing with it: the address would be of another page by then.
  useEffect(
    () => () => {
      clearTimeout(timer.current);
      clearTimeout(settling.current);
    },
    [],
  );
  return (
    <Input
      {...rest}
      value={text}
      onChange={(event) => {
        own.type(event.target.value);
        clearTimeout(timer.current);
        timer.current = setTimeout(ask, RESTING_MS);
      }}
      onFocus={(event) => {
        clearTimeout(settling.current);
        onFocus?.(event);
      }}
      onBlur={(event) => {
        ask();
        // Not while somebody types: however slow the machine, an answer may still be on its way.
        settling.current = setTimeout(() => own.settle(), SETTLED_MS);
        onBlur?.(event);
      }}
      onKeyDown={(event) => {
        if (event.key === 'Enter') ask();
        onKeyDown?.(event);
      }}
    />
  );
}
