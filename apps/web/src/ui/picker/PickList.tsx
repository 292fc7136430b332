import { useVirtualizer } from '@tanstack/react-virtual';
import { type KeyboardEvent, useEffect, useId, useMemo, useRef, useState } from 'react';
import type { Pick, PickerProps } from './pick';
import { optionsWith } from './saying';

const ROW_PX = { plain: 32, pictured: 46 } as const;
const SHOWN_ROWS = 7;

/** The search field and the list under it. Only the rows in sight are drawn. */
export function PickList<P extends Pick>({ label, value, options, onChoose, picture, onWords }: PickerProps<P>) {
  const id = useId();
  const [words, setWords] = useState('');
  const [at, setAt] = useState<number | null>(null);
  const scroller = useRef<HTMLDivElement>(null);
  const rows = useMemo(() => (onWords ? options : optionsWith(options, words)), [options, words, onWords]);
  const active = Math.min(
    at ??
      Math.max(
        0,
        rows.findIndex((row) => row.value === value),
      ),
    rows.length - 1,
  );
  const rowPx = picture ? ROW_PX.pictured : ROW_PX.plain;
  // eslint-disable-next-line react-hooks/incompatible-library -- its functions are not memoised; nothing here relies on that
  const virtual = useVirtualizer({
    count: rows.length,
    getScrollElement: () => scroller.current,
    estimateSize: () => rowPx,
    overscan: 4,
    initialOffset: Math.max(0, active * rowPx - rowPx * 2),
  });
  useEffect(() => onWords?.(words), [words, onWords]);
  const go = (to: number): void => {
    const next = Math.max(0, Math.min(rows.length - 1, to));
    setAt(next);
    virtual.scrollToIndex(next);
  };
  const onKeyDown = (event: KeyboardEvent): void => {
    const steps: Record<string, number> = {
      ArrowDown: active + 1,
      ArrowUp: active - 1,
      PageDown: active + SHOWN_ROWS,
      PageUp: active - SHOWN_ROWS,
    };
    const target = steps[event.key];
    const row = rows[active];
    if (target !== undefined) go(target);
    else if (event.key === 'Enter' && row) onChoose(row.value, row);
    else return;
    event.preventDefault();
  };
  return (
    <div>
      <div className="border-rule border-b p-1.5">
        <input
          className="border-rule bg-sheet rounded-cut placeholder:text-pencil w-full border px-2 py-1"
          // The list was opened to be searched.
          autoFocus
          role="combobox"
          aria-expanded
          aria-label={`Search: ${label}`}
          aria-controls={`${id}-list`}
          aria-activedescendant={rows[active] ? `${id}-${active}` : undefined}
          placeholder="Type to search"
          value={words}
          onChange={(event) => {
            setWords(event.target.value);
            setAt(0);
          }}
          onKeyDown={onKeyDown}
        />
      </div>
      {rows.length === 0 && <p className="text-pencil px-3 py-2">Nothing is called so.</p>}
      <div
        ref={scroller}
        id={`${id}-list`}
        role="listbox"
        aria-label={label}
        className="overflow-auto"
        style={{ maxHeight: rowPx * SHOWN_ROWS }}
      >
        <div className="relative" style={{ height: virtual.getTotalSize() }}>
          {virtual.getVirtualItems().map((item) => {
            const row = rows[item.index];
            if (!row) return null;
            return (
              // eslint-disable-next-line jsx-a11y/click-events-have-key-events -- the field above has the keys
              <div
                key={row.value}
                id={`${id}-${item.index}`}
                role="option"
                tabIndex={-1}
                aria-selected={row.value === value}
                className={`absolute inset-x-0 flex cursor-pointer items-center gap-2.5 px-3 ${item.index === active ? 'bg-lagoon-wash' : ''}`}
                style={{ top: item.start, height: rowPx }}
                onPointerMove={() => setAt(item.index)}
                onClick={() => onChoose(row.value, row)}
              >
                {picture?.(row)}
                <span className="min-w-0 flex-1 truncate">
                  {row.text}
                  {row.more !== undefined && <span className="text-pencil text-[0.87rem]"> {row.more}</span>}
                </span>
              </div>
            );
          })}
        </div>
      </div>
    </div>
  );
}
