import { useState } from 'react';
import { Link } from 'react-router';
import { type LeastCopiesDto, useReadLeastCopiesQuery } from '@/api';
import { LineUpPicker } from '@/parts';
import { Empty, plural } from '@/ui';
import { useNames, useWorkspace } from '@/workspace';

/** How few official figures, or products, would serve a line-up whole; and which further copy frees the most. */
export function LeastCopies() {
  const names = useNames();
  const [lineUp, setLineUp] = useState<string | null>(null);
  const chosen = lineUp ?? names[0]?.id ?? null;
  const { currentData, isFetching } = useReadLeastCopiesQuery({ lineUp: chosen ?? '' }, { skip: chosen === null });
  if (chosen === null) return <Empty title="No line-up yet">Plan figures, and the fewest copies that serve them are told here.</Empty>;
  return (
    <div className="space-y-3">
      <div className="flex items-center gap-3">
        <LineUpPicker label="Line-up" value={chosen} onChoose={setLineUp} className="!w-60" />
        {isFetching && <span className="text-pencil">Reckoning…</span>}
      </div>
      {currentData && <Answer answer={currentData} />}
    </div>
  );
}

function Answer({ answer }: { readonly answer: LeastCopiesDto }) {
  const { catalogue } = useWorkspace();
  const owned = answer.figures.reduce((all, row) => all + row.owned, 0);
  return (
    <>
      <p data-testid="least-copies">
        {answer.isProven ? '' : 'At most '}
        <b>{plural(answer.figureTotal, 'official figure')}</b> hold every part that official figures have, {owned} of them owned;{' '}
        <b>{plural(answer.productTotal, 'product')}</b> when bought as products, by what every copy surely holds.
        {answer.apart > answer.figureTotal &&
          ` Were all looks shown at once, it would take ${answer.apart}: what is never shown together saves ${answer.apart - answer.figureTotal}.`}
      </p>
      <div className="grid grid-cols-2 gap-6 max-sm:grid-cols-1">
        <Rows title="Official figures" rows={answer.figures} />
        <Rows title="Products" rows={answer.products} />
      </div>
      {answer.blind.length > 0 && (
        <section aria-label="Not to be seen into">
          <h2 className="text-[1rem]">Bags one cannot look into</h2>
          <ul className="text-[0.93rem]">
            {answer.blind.map((row) => (
              <li key={row.id} className="border-rule flex gap-3 border-b py-0.5">
                <span className="flex-1">
                  {row.name} <span className="text-pencil font-mono text-[0.8rem]">{row.id}</span>
                </span>
                <span>
                  {row.surely === 0 ? 'nothing for sure' : `${plural(row.surely, 'piece')} for sure`}, {row.onAverage.toFixed(1)} on average
                </span>
              </li>
            ))}
          </ul>
        </section>
      )}
      {answer.further.length > 0 && (
        <section aria-label="One further copy">
          <h2 className="text-[1rem]">One further copy, of all line-ups’ lacks</h2>
          <ol className="text-[0.93rem]">
            {answer.further.map((row, i) => (
              <li key={row.id} className="border-rule flex gap-3 border-b py-0.5">
                <span className="text-pencil w-5 text-right font-mono">{i + 1}</span>
                <span className="flex-1">
                  {row.name} <span className="text-pencil font-mono text-[0.8rem]">{row.id}</span>
                </span>
                <span>serves {plural(row.serves, 'piece')}</span>
              </li>
            ))}
          </ol>
        </section>
      )}
      {answer.without.length > 0 && (
        <p className="text-pencil text-[0.93rem]">
          On no official figure:{' '}
          {answer.without.slice(0, 8).map((id, i) => (
            <span key={id}>
              {i > 0 && ', '}
              <Link to={`/catalogue/variants/${encodeURIComponent(id)}`} className="underline">
                {catalogue.nameOf(catalogue.variant(id))}
              </Link>
            </span>
          ))}
          {answer.without.length > 8 && ` and ${answer.without.length - 8} more`}.
        </p>
      )}
    </>
  );
}

const Rows = ({ title, rows }: { readonly title: string; readonly rows: LeastCopiesDto['figures'] }) => (
  <section aria-label={title}>
    <h2 className="text-[1rem]">{title}</h2>
    <ul className="text-[0.93rem]">
      {rows.map((row) => (
        <li key={row.id} className="border-rule flex gap-3 border-b py-0.5">
          <span className="w-8 text-right font-mono">{row.copies} ×</span>
          <span className="flex-1">
            {row.name} <span className="text-pencil font-mono text-[0.8rem]">{row.id}</span>
          </span>
          {row.owned > 0 && <span className="text-moss">{row.owned} owned</span>}
        </li>
      ))}
    </ul>
  </section>
);
