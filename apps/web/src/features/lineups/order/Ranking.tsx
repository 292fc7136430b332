import { type Outcome, rankingOf } from '@outfit/core/lineup';
import { useEffect, useMemo, useState } from 'react';
import { useChoosePairMutation, useImportChoicesMutation, useListChoicesQuery, useOrderLineUpMutation } from '@/api';
import { FigurePicture, ImportDialog, UndoButtons } from '@/parts';
import { attempt, Button, Choice, Empty, Input, plural } from '@/ui';
import { type Judged, isTyping, useUndo, useWorkspace } from '@/workspace';
import type { WayProps } from '../wayProps';

const KEYS: Readonly<Record<string, Outcome>> = { ArrowLeft: 'first', ArrowRight: 'second', ArrowDown: 'tie', ArrowUp: 'skip' };
const COLUMNS = [
  { name: 'who', about: 'whoever chose, may be empty' },
  { name: 'first', about: 'a figure by its name' },
  { name: 'second', about: 'the other' },
  { name: 'chosen', about: 'the name of one of them, tie or skip' },
];

/** Two figures side by side: one is picked, and an order grows out of it that says how sure it is. */
export function Ranking({ lineUp, judged }: WayProps) {
  const { data } = useListChoicesQuery({ id: lineUp.id });
  const [choose, { isLoading }] = useChoosePairMutation();
  const [importFile] = useImportChoicesMutation();
  const [order] = useOrderLineUpMutation();
  const undoing = useUndo('ranking', lineUp.id, false);
  const [who, setWho] = useState('');
  const [whose, setWhose] = useState('*');
  const all = useMemo(() => data?.choices ?? [], [data]);
  const people = [...new Set(all.map((row) => row.who))];
  const items = useMemo(() => judged.filter(({ look }) => look.parts.length > 0).map(({ figure }) => figure.id), [judged]);
  const ranking = useMemo(() => rankingOf(items, whose === '*' ? all : all.filter((row) => row.who === whose)), [items, all, whose]);
  // What one person is asked next is theirs; whose order is shown is another question.
  const next = useMemo(
    () =>
      rankingOf(
        items,
        all.filter((row) => row.who === who.trim()),
      ).next,
    [items, all, who],
  );
  const byId = new Map(judged.map((row) => [row.figure.id, row]));
  const pick = (outcome: Outcome): void => {
    if (!next || isLoading) return;
    const [first, second] = next;
    void attempt(choose({ id: lineUp.id, newChoiceDto: { who: who.trim(), first, second, outcome } }).unwrap());
  };
  useEffect(() => {
    const onKey = (event: KeyboardEvent): void => {
      if (isTyping(event.target) || event.altKey || event.ctrlKey || event.metaKey) return;
      const outcome = KEYS[event.key];
      if (outcome === undefined && event.key !== 'Backspace') return;
      event.preventDefault();
      if (outcome === undefined) undoing.step('undo');
      else pick(outcome);
    };
    window.addEventListener('keydown', onKey);
    return () => window.removeEventListener('keydown', onKey);
  });
  if (items.length < 2) return <Empty title="Two figures with looks are wanted to compare" />;
  const strongest = Math.max(...ranking.ranked.map(({ strength }) => Math.abs(strength)), 0.01);
  const [left, right] = (next ?? []).map((id) => byId.get(id));
  return (
    <div className="flex min-h-0 flex-1 max-md:flex-col max-md:overflow-auto">
      <section aria-label="Which one?" className="dotted flex min-w-0 flex-1 flex-col items-center justify-center gap-4 p-4">
        <div className="flex items-end gap-6">
          {left && <Side judged={left} hint="←" onPick={() => pick('first')} />}
          {right && <Side judged={right} hint="→" onPick={() => pick('second')} />}
        </div>
        <div className="flex flex-wrap items-center justify-center gap-2">
          <Button onClick={() => pick('tie')}>Both alike</Button>
          <Button onClick={() => pick('skip')}>Skip</Button>
          <UndoButtons undoing={undoing} />
          <Input
            aria-label="Who chooses"
            placeholder="who chooses: you"
            className="!w-40"
            value={who}
            maxLength={80}
            onChange={(event) => setWho(event.target.value)}
          />
        </div>
        <p className="text-pencil bg-paper px-2 text-[0.87rem]">
          Left and right arrow pick, down says alike, up skips, Backspace takes the last one back.
        </p>
      </section>
      <section
        aria-label="The order so far"
        className="border-rule w-[24rem] shrink-0 border-l p-4 max-md:w-full max-md:border-l-0 md:overflow-auto"
      >
        <p role="status" className="font-medium">
          {ranking.words}
        </p>
        <p className="text-pencil text-[0.93rem]">{plural(ranking.comparisons, 'choice')}.</p>
        {people.length > 1 && (
          <Choice
            aria-label="Whose choices"
            className="mt-2 !w-52"
            value={whose}
            options={[{ value: '*', label: 'everybody together' }, ...people.map((name) => ({ value: name, label: name || 'you' }))]}
            onChoose={setWhose}
          />
        )}
        <ol className="mt-2">
          {ranking.ranked.map(({ id, strength, error, sure }, i) => (
            <li key={id} className="border-rule grid grid-cols-[1.5rem_1fr_8rem] items-center gap-2 border-b py-1 text-[0.93rem]">
              <span className="text-pencil text-right font-mono">{i + 1}</span>
              <span className="truncate">
                {byId.get(id)?.figure.brief.name}
                {sure !== null && ranking.comparisons > 0 && (
                  <span className="text-pencil block text-[0.8rem]">before the next: {Math.round(sure * 100)} in 100</span>
                )}
              </span>
              <span title={`${strength.toFixed(2)} ± ${error.toFixed(2)}`} className="bg-paper relative block h-3">
                <span
                  className={`absolute inset-y-0 ${strength >= 0 ? 'bg-lagoon' : 'bg-pencil'}`}
                  style={{
                    left: strength >= 0 ? '50%' : `${50 - (50 * -strength) / strongest}%`,
                    width: `${(50 * Math.abs(strength)) / strongest}%`,
                  }}
                />
              </span>
            </li>
          ))}
        </ol>
        <div className="mt-3 flex flex-wrap gap-2">
          <Button
            disabled={ranking.comparisons === 0}
            onClick={() => {
              const ranked = ranking.ranked.map(({ id }) => id);
              const rest = judged.map(({ figure }) => figure.id).filter((id) => !ranked.includes(id));
              void attempt(order({ id: lineUp.id, version: lineUp.version, orderDto: { figures: [...ranked, ...rest] } }).unwrap());
            }}
          >
            Stand in this order
          </Button>
          <ImportDialog
            title="Bring in choices"
            opens="Bring in choices…"
            what="choice"
            columns={COLUMNS}
            send={(body, agree) => importFile({ id: lineUp.id, agree, body }).unwrap()}
          />
        </div>
      </section>
    </div>
  );
}

function Side({ judged: { figure, look }, hint, onPick }: { readonly judged: Judged; readonly hint: string; readonly onPick: () => void }) {
  const { catalogue } = useWorkspace();
  return (
    <button
      type="button"
      className="hover:border-lagoon border-rule bg-sheet flex w-60 flex-col items-center border-2 px-3 pt-4 max-sm:w-40"
      onClick={onPick}
    >
      <span className="flex h-[20rem] items-end max-sm:h-48 max-sm:[&_svg]:h-full max-sm:[&_svg]:w-auto">
        <FigurePicture look={look} catalogue={catalogue} pxPerMm={6} label={figure.brief.name} />
      </span>
      <span className="border-ink font-head w-full border-t-2 py-1.5 font-semibold">
        <span className="text-pencil font-sans font-normal">{hint}</span> {figure.brief.name}
      </span>
    </button>
  );
}
