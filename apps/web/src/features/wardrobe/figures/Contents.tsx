import { type OfficialFigure, piecesOf } from '@outfit/core';
import type { Unpacked } from '@outfit/core/wardrobe';
import { Choice } from '@/ui';
import { useWorkspace } from '@/workspace';

/** What a person says of a product: which figure was in each blind bag, and what was missing ("figure variant nth"). */
export interface Said {
  readonly inside: readonly string[];
  readonly missing: ReadonlySet<string>;
}

export const NOTHING_SAID: Said = { inside: [], missing: new Set() };

/** The figures of so many copies of a product, those of blind bags as far as they are told. */
function figuresIn(contents: Unpacked, count: number, inside: readonly string[], figureOf: (id: string) => OfficialFigure | undefined) {
  const sure = Array.from({ length: count }, () => contents.figures.map((row) => row.figure)).flat();
  return [...sure, ...inside].map((id) => figureOf(id));
}

/** What was missing, as it is sent. */
export const missingOf = ({ missing }: Said): { of: number; variant: string }[] =>
  [...missing].map((key) => {
    const [of = '', variant = ''] = key.split('\n');
    return { of: Number(of), variant };
  });

interface ContentsProps {
  readonly contents: Unpacked;
  readonly count: number;
  readonly said: Said;
  readonly onSay: (said: Said) => void;
}

/** What comes out of a product: its figures and loose pieces, with what is missing ticked off; blind bags ask. */
export function Contents({ contents, count, said, onSay }: ContentsProps) {
  const { catalogue } = useWorkspace();
  const figureOf = (id: string): OfficialFigure | undefined => catalogue.data.officialFigures.find((row) => row.id === id);
  const bags = Array.from({ length: count }, () => contents.asks).flat();
  const figures = figuresIn(contents, count, said.inside, figureOf);
  const toggle = (key: string): void => {
    const missing = new Set(said.missing);
    if (!missing.delete(key)) missing.add(key);
    onSay({ ...said, missing });
  };
  const choose = (i: number, figure: string): void => {
    const inside = bags.map((_, k) => (k === i ? figure : (said.inside[k] ?? '')));
    onSay({ inside, missing: new Set() });
  };
  const tick = (of: number, variant: string, quantity: number) =>
    Array.from({ length: quantity }, (_, nth) => {
      const key = `${of}\n${variant}\n${nth}`;
      return (
        <label key={key} className="flex items-center gap-2 text-[0.93rem]">
          <input type="checkbox" className="accent-lagoon" checked={!said.missing.has(key)} onChange={() => toggle(key)} />
          <span className={said.missing.has(key) ? 'text-pencil line-through' : ''}>{catalogue.nameOf(catalogue.variant(variant))}</span>
        </label>
      );
    });
  return (
    <div className="space-y-3">
      {bags.map((bag, i) => (
        <Choice
          key={i}
          aria-label={`Figure in bag ${i + 1}`}
          value={said.inside[i] ?? ''}
          options={[
            { value: '', label: bags.length === 1 ? 'Which figure was inside?' : `Which figure was in bag ${i + 1}?` },
            ...bag.figures.map((id) => ({ value: id, label: figureOf(id)?.name ?? id })),
          ]}
          onChoose={(figure) => choose(i, figure)}
        />
      ))}
      <div className="max-h-72 space-y-2 overflow-auto">
        {figures.map(
          (figure, i) =>
            figure && (
              <details key={`${i} ${figure.id}`} className="border-rule border-b pb-1">
                <summary className="cursor-pointer">
                  {figure.name} <span className="text-pencil font-mono text-[0.8rem]">{figure.id}</span>
                </summary>
                <div className="grid grid-cols-2 gap-x-3 py-1 pl-4">
                  {[...piecesOf(figure)].flatMap(([variant, quantity]) => tick(i, variant, quantity))}
                </div>
              </details>
            ),
        )}
        {contents.loose.length > 0 && (
          <details open className="pb-1">
            <summary className="cursor-pointer">Loose beside them</summary>
            <div className="grid grid-cols-2 gap-x-3 py-1 pl-4">
              {contents.loose.flatMap((row) => tick(-1, row.variant, row.quantity * count))}
            </div>
          </details>
        )}
      </div>
    </div>
  );
}
