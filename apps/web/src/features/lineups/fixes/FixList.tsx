import { money } from '@outfit/core';
import { budgetCurve } from '@outfit/core/lineup';
import { useMemo } from 'react';
import { Link } from 'react-router';
import { useEditLookMutation } from '@/api';
import { PartPicture } from '@/parts';
import { AXIS, attempt, Button, Chart, CHART, plural, tell } from '@/ui';
import { costWords, type FigureFix, useFixes, useWorkspace } from '@/workspace';
import type { WayProps } from '../wayProps';

/** For every figure the one change that gains most for its cost and effort; and what a budget buys. */
export default function FixList({ judged, selection }: WayProps) {
  const { currency } = useWorkspace();
  const { fixes, isDone, failure } = useFixes(judged);
  const { doable, left, curve } = useMemo(() => {
    const worth = fixes.filter(({ fix }) => fix.edits.length > 0);
    return {
      doable: worth,
      left: fixes.filter(({ fix }) => fix.edits.length === 0),
      curve: budgetCurve(worth.map(({ figure, fix }) => ({ id: figure.id, likenessGain: fix.likenessGain, costMinor: fix.costMinor }))),
    };
  }, [fixes]);
  const last = curve.at(-1);
  return (
    <div className="min-h-0 flex-1 overflow-auto px-5 py-4">
      <p role="status" className="text-pencil">
        {failure !== null
          ? `The list could not be worked out: ${failure}`
          : isDone
            ? `${plural(doable.length, 'figure')} can be made better by one change, ${left.length} ${left.length === 1 ? 'is' : 'are'} best left as ${left.length === 1 ? 'it is' : 'they are'}.`
            : `Looked at ${fixes.length} of ${judged.length}…`}
      </p>
      {last && last.figures.length > 0 && (
        <section aria-label="What a budget buys" className="border-rule bg-sheet mt-3 border p-3">
          <h2 className="text-[1.07rem]">What a budget buys</h2>
          <p className="text-[0.93rem]">
            {curve[0] && curve[0].gained > 0.5 && <>For nothing, {Math.round(curve[0].gained)} points of likeness over all of them. </>}
            All of it, {money(last.spentMinor, currency)}: {Math.round(last.gained)} points.
          </p>
          {curve.length > 2 && (
            <Chart
              height={150}
              label={`Points of likeness gained by money spent: ${curve.map(({ spentMinor, gained }) => `${money(spentMinor, currency)} ${Math.round(gained)}`).join(', ')}`}
              option={{
                ...CHART,
                grid: { left: 44, right: 18, top: 12, bottom: 28 },
                xAxis: { ...AXIS, type: 'value', min: 0, axisLabel: { formatter: (minor: number) => money(minor, currency) } },
                yAxis: { ...AXIS, type: 'value', min: 0 },
                series: [
                  {
                    type: 'line',
                    step: 'end',
                    symbolSize: 6,
                    data: curve.map(({ spentMinor, gained }) => [spentMinor, Math.round(gained * 10) / 10]),
                  },
                ],
              }}
            />
          )}
        </section>
      )}
      <ul className="mt-3">
        {doable.map((row) => (
          <FixRow
            key={row.figure.id}
            {...row}
            isChosen={selection.has(row.figure.id)}
            onToggle={(through) => selection.toggle(row.figure.id, through)}
          />
        ))}
      </ul>
      {left.length > 0 && (
        <section aria-label="Leave as it is" className="mt-4">
          <h2 className="text-[1.07rem]">Leave as it is</h2>
          <p className="text-pencil text-[0.93rem]">No single change gains anything worth its effort.</p>
          <ul className="mt-1 columns-3 gap-6 max-md:columns-1">
            {left.map(({ figure, fix }) => (
              <li key={figure.id} className="flex items-baseline gap-2">
                <Link className="hover:text-lagoon min-w-0 flex-1 truncate" to={`/figures/${figure.id}/fitting`}>
                  {figure.brief.name}
                </Link>
                <span className="text-pencil font-mono text-[0.87rem]">
                  {fix.likenessBefore === null ? '–' : Math.round(fix.likenessBefore)}
                </span>
              </li>
            ))}
          </ul>
        </section>
      )}
    </div>
  );
}

interface FixRowProps extends FigureFix {
  readonly isChosen: boolean;
  readonly onToggle: (through: boolean) => void;
}

function FixRow({ figure, fix, isChosen, onToggle }: FixRowProps) {
  const { catalogue, currency } = useWorkspace();
  const [edit, { isLoading }] = useEditLookMutation();
  const put = fix.edits.find((one) => one.action === 'put on');
  const variant = put && catalogue.has(put.variant) ? catalogue.variant(put.variant) : null;
  const from = fix.likenessBefore === null ? null : Math.round(fix.likenessBefore);
  const to = fix.likenessBefore === null ? null : Math.round(fix.likenessBefore + fix.likenessGain);
  const doIt = async (): Promise<void> => {
    const look = figure.looks.find(({ id }) => id === figure.chosenLook);
    if (!look) return;
    const done = await attempt(
      edit({
        id: look.id,
        version: look.version,
        editLookDto: { edits: [...fix.edits], label: fix.label.slice(0, 200), on: 'line-up' },
      }).unwrap(),
    );
    if (done) tell(`${figure.brief.name}: ${fix.label}. Undo takes it back.`);
  };
  return (
    <li className="border-rule flex items-center gap-3 border-b py-1.5">
      <input
        type="checkbox"
        className="accent-lagoon"
        aria-label={`Choose ${figure.brief.name}`}
        checked={isChosen}
        onChange={() => undefined}
        onClick={(event) => onToggle(event.shiftKey)}
      />
      {variant && put ? (
        <PartPicture variant={variant} position={put.position} catalogue={catalogue} size={44} tacked={!fix.isOwned} />
      ) : (
        <span className="size-11 shrink-0" />
      )}
      <span className="min-w-0 flex-1">
        <Link className="hover:text-lagoon block truncate font-medium" to={`/figures/${figure.id}/fitting`}>
          {figure.brief.name}
        </Link>
        <span className="text-pencil block truncate text-[0.93rem]">
          {fix.label}
          {fix.risks.map((risk) => (
            <span key={risk} className="text-saffron">
              {' '}
              {risk}
            </span>
          ))}
        </span>
      </span>
      <span className="w-32 shrink-0 text-right text-[0.93rem]">
        likeness <b className="font-mono">{from ?? '–'}</b>
        {to !== null && (
          <>
            {' '}
            → <b className={`font-mono ${to > (from ?? 0) ? 'text-moss' : ''}`}>{to}</b>
          </>
        )}
        {fix.marksSettled > 0 && <span className="text-pencil block text-[0.8rem]">{plural(fix.marksSettled, 'mark')} fewer</span>}
      </span>
      <span className="w-28 shrink-0 text-right font-mono text-[0.93rem]">{costWords(fix, currency)}</span>
      <Button disabled={isLoading} aria-label={`Do it: ${figure.brief.name}, ${fix.label}`} onClick={() => void doIt()}>
        Do it
      </Button>
    </li>
  );
}
