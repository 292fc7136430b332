import { itemName, money } from '@outfit/core';
import { lineUpOfSpares } from '@outfit/core/lineup';
import type { ErrandDto, ErrandFigureDto } from '@/api';
import { useNames, useWorkspace } from '@/workspace';

/** What each look costs a copy, with its share of postage, and the part that costs most. */
export function FigureCosts({ errand }: { readonly errand: ErrandDto }) {
  const { catalogue } = useWorkspace();
  const lineUps = useNames();
  const figures = lineUps.flatMap((lineUp) => lineUp.figures);
  const nameOf = ({ figure, wholeFigure }: ErrandFigureDto): string =>
    figures.find((row) => row.id === figure)?.name ?? wholeFigure ?? (lineUpOfSpares(figure) === null ? 'A figure that is gone' : 'Spares');
  const rows = [...errand.lines].sort((a, b) => (b.eachMinor ?? 0) - (a.eachMinor ?? 0));
  return (
    <section aria-label="By figure">
      <h3 className="text-[1.07rem]">A copy of each</h3>
      <ul className="text-[0.93rem]">
        {rows.map((line, i) => (
          <li key={`${line.look}-${i}`} className="border-rule border-t py-1">
            <span className="flex justify-between gap-2">
              <span>
                {nameOf(line)}
                {line.stand !== null && line.stand < line.copies && (
                  <span className="text-madder"> {line.stand === 0 ? 'cannot stand' : `${line.stand} of ${line.copies} stand`}</span>
                )}
              </span>
              <span className="font-mono">{line.eachMinor === null ? '–' : money(line.eachMinor, errand.currency)}</span>
            </span>
            {line.dominant && (
              <span className="text-pencil block text-[0.87rem]">
                {Math.round(line.dominant.share * 100)} % is {itemName({ kind: 'variant', item: line.dominant.variant }, catalogue)}
              </span>
            )}
          </li>
        ))}
      </ul>
    </section>
  );
}
