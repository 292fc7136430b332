import { differences, effortOf, fixList, graveCount, judge, type Look, positionName, money } from '@outfit/core';
import { X } from 'lucide-react';
import { useMemo } from 'react';
import { Link } from 'react-router';
import { type FigureDto, useChooseLookMutation } from '@/api';
import { FigurePicture, Why } from '@/parts';
import { Button, Choice, Empty, plural, useAddress } from '@/ui';
import { ForFigure, toBuyOf, useCompany, useOpen, useStandingPlans, useWorkspace } from '@/workspace';

const MOST = 4;
const PX_PER_MM = 5.2;

/** A look in a column: one of the figure's own, or an official figure. */
interface Column {
  readonly id: string;
  readonly name: string;
  readonly look: Look;
  readonly official: boolean;
}

/** Two to four looks side by side, front and back, with everything that differs from the first one marked. */
export function ComparePage() {
  const { figure } = useOpen();
  if (!figure) return <Empty title="There is no such figure" />;
  return (
    <ForFigure key={figure.id} figure={figure.id}>
      <Compare figure={figure} />
    </ForFigure>
  );
}

function Compare({ figure }: { readonly figure: FigureDto }) {
  const { catalogue } = useWorkspace();
  const [params, changeAddress] = useAddress();
  const ids = (params.get('looks') ?? '').split(',').filter(Boolean);
  const columns = ids.slice(0, MOST).flatMap((id): readonly Column[] => {
    const look = figure.looks.find((row) => row.id === id);
    if (look) return [{ id, name: look.name, look, official: false }];
    const official = catalogue.data.officialFigures.find((row) => row.id === id);
    return official ? [{ id, name: `${official.name}, official`, look: { parts: official.parts, overrules: [] }, official: true }] : [];
  });
  const show = (next: readonly string[]): void => changeAddress((query) => query.set('looks', next.join(',')));
  const more = [
    ...figure.looks.map((look) => ({ value: look.id, label: look.name })),
    ...officialFirst(figure, catalogue.data.officialFigures).map((row) => ({ value: row.id, label: `${row.name}, official ${row.id}` })),
  ].filter(({ value }) => !ids.includes(value));
  const [first] = columns;
  return (
    <div className="flex h-full flex-col">
      <div className="border-rule bg-sheet flex items-baseline gap-4 border-b px-6 py-2.5">
        <h1 className="text-xl">{figure.brief.name}, compared</h1>
        <p className="text-pencil text-[0.93rem]">What differs from the first is marked.</p>
        {columns.length < MOST && (
          <Choice
            aria-label="Add to the comparison"
            className="ml-auto !w-64"
            value=""
            options={[{ value: '', label: 'Add a look or an official figure…' }, ...more]}
            onChoose={(id) => id !== '' && show([...ids, id])}
          />
        )}
      </div>
      {first ? (
        <div className="min-h-0 flex-1 overflow-auto">
          <div className="grid min-w-fit" style={{ gridTemplateColumns: `repeat(${columns.length}, minmax(17rem, 1fr))` }}>
            {columns.map((column) => (
              <ComparedLook
                key={column.id}
                figure={figure}
                column={column}
                first={first}
                onRemove={columns.length > 1 ? () => show(ids.filter((id) => id !== column.id)) : null}
              />
            ))}
          </div>
        </div>
      ) : (
        <Empty title="Nothing to compare yet">
          <p>Add a look or an official figure above.</p>
        </Empty>
      )}
    </div>
  );
}

/** The official figures of this person come first. */
function officialFirst<T extends { readonly person?: string | undefined; readonly name: string }>(
  figure: FigureDto,
  officials: readonly T[],
): readonly T[] {
  const isOwn = (row: T): number => Number(row.person === figure.brief.name || row.name === figure.brief.name);
  return [...officials].sort((a, b) => isOwn(b) - isOwn(a) || a.name.localeCompare(b.name));
}

interface ComparedLookProps {
  readonly figure: FigureDto;
  readonly column: Column;
  readonly first: Column;
  readonly onRemove: (() => void) | null;
}

function ComparedLook({ figure, column, first, onRemove }: ComparedLookProps) {
  const { catalogue, supply, currency } = useWorkspace();
  const company = useCompany(figure);
  const [choose] = useChooseLookMutation();
  const { look } = column;
  const { likeness, marks, standing, cost, school } = useMemo(
    () => judge(look, figure.brief, catalogue, catalogue.systemOf(figure.brief), supply, company),
    [look, figure.brief, catalogue, supply, company],
  );
  const { pieces, minor, isPlanned } = toBuyOf(useStandingPlans(figure.lineUp), figure, look, cost);
  const changed = useMemo(() => differences(first.look, look, catalogue), [first, look, catalogue]);
  const spots = new Set(changed.map((row) => row.position));
  return (
    <section aria-label={column.name} className="border-rule flex flex-col border-r">
      <div className="bg-sheet border-rule flex h-10 items-center gap-2 border-b px-4">
        <h2 className="truncate text-[1.07rem]">
          {column.official ? column.name : <Link to={`/figures/${figure.id}/fitting?look=${column.id}`}>{column.name}</Link>}
        </h2>
        {figure.chosenLook === column.id && <span className="text-lagoon shrink-0 text-[0.87rem]">chosen</span>}
        {!column.official && figure.chosenLook !== column.id && (
          <Button className="!py-0" onClick={() => void choose({ id: figure.id, chosenLookDto: { look: column.id } })}>
            Choose
          </Button>
        )}
        {onRemove && (
          <button type="button" aria-label={`Take ${column.name} out of the comparison`} className="ml-auto" onClick={onRemove}>
            <X size={16} strokeWidth={1.75} />
          </button>
        )}
      </div>
      <div className="dotted flex h-60 items-end justify-center gap-1 px-2">
        {(['front', 'back'] as const).map((view) => (
          <FigurePicture key={view} look={look} catalogue={catalogue} pxPerMm={PX_PER_MM} view={view} label={`${column.name}, ${view}`} />
        ))}
      </div>
      <dl className="border-ink bg-sheet grid grid-cols-[auto_1fr] gap-x-3 border-t-2 px-4 py-2 text-[0.93rem]">
        <dt className="text-pencil">Likeness</dt>
        <dd>
          <b className="font-mono text-[1.07rem]">{likeness.shown ?? '–'}</b> of 100
          {likeness.missing.length > 0 && <span className="text-madder">, {plural(likeness.missing.length, 'must')} missing</span>}
        </dd>
        <dt className="text-pencil">Stands</dt>
        <dd className="font-mono">{standing.total.toFixed(1)} mm</dd>
        <dt className="text-pencil">To buy</dt>
        <dd>{pieces === 0 ? 'nothing' : `${pieces}, ${isPlanned ? 'planned' : 'about'} ${money(minor, currency)}`}</dd>
        <dt className="text-pencil">Marks</dt>
        <dd>
          {graveCount(marks) === 0 ? 'none' : plural(graveCount(marks), 'mark')}
          {marks.overruled.map(({ mark, reason }) => (
            <span key={mark.key} className="text-pencil block text-[0.87rem]">
              <s>{mark.sentence}</s> “{reason}”
            </span>
          ))}
        </dd>
        <dt className="text-pencil">School</dt>
        <dd>{school.school}</dd>
        {look.verdict && (
          <>
            <dt className="text-pencil">Verdict</dt>
            <dd>
              {[look.verdict.stars === null ? '' : `${look.verdict.stars} of 5`, look.verdict.words].filter(Boolean).join(': ') ||
                'leave as it is'}
            </dd>
          </>
        )}
      </dl>
      {column === first ? (
        <p className="bg-paper border-rule text-pencil border-b px-4 py-2 text-[0.93rem]">The others are compared with this one.</p>
      ) : changed.length === 0 ? (
        <p className="bg-paper border-rule border-b px-4 py-2 text-[0.93rem]">The same as the first.</p>
      ) : (
        <ChangeSum figure={figure} column={column} first={first} />
      )}
      <ul aria-label={`Parts of ${column.name}`} className="bg-sheet flex-1 px-4 pt-1 pb-3 text-[0.87rem]">
        {look.parts.map((part) => (
          <li
            key={`${part.position} ${part.place ?? 0}`}
            className={`border-rule border-t py-0.5 ${spots.has(part.position) ? 'bg-lagoon-wash -mx-2 px-2 font-semibold' : ''}`}
          >
            <span className="text-pencil font-normal">{positionName(part.position)}</span>{' '}
            {catalogue.nameOf(catalogue.variant(part.variant))}
            {part.turned && ', turned'}
            {spots.has(part.position) && <span className="sr-only"> (differs)</span>}
          </li>
        ))}
        {changed
          .filter((row) => row.after === null)
          .map((row) => (
            <li key={row.spot} className="border-rule bg-lagoon-wash -mx-2 border-t px-2 py-0.5 font-semibold">
              <span className="text-pencil font-normal">{positionName(row.position)}</span> nothing
            </li>
          ))}
      </ul>
    </section>
  );
}

/** Effort against effect of going from the first look to this one, and which single changes are worth most. */
function ChangeSum({ figure, column, first }: Omit<ComparedLookProps, 'onRemove'>) {
  const { catalogue, supply, currency } = useWorkspace();
  const { effort, moreMinor, fixes } = useMemo(() => {
    const toPayFor = ({ look }: Column): number =>
      judge(look, figure.brief, catalogue, catalogue.systemOf(figure.brief), supply).cost.toPay.total;
    return {
      effort: effortOf(first.look, column.look, figure.brief, catalogue, catalogue.systemOf(figure.brief), supply),
      moreMinor: toPayFor(column) - toPayFor(first),
      fixes: fixList(first.look, column.look, figure.brief, catalogue, catalogue.systemOf(figure.brief), supply),
    };
  }, [first, column, figure.brief, catalogue, supply]);
  const gain = Math.round(effort.likenessGain);
  return (
    <p className="bg-paper border-rule border-b px-4 py-2 text-[0.93rem]">
      From the first: {plural(effort.pieces, 'piece')} to change
      {effort.costMinor > 0 && `, about ${money(effort.costMinor, currency)} to buy`}
      {effort.unsold > 0 && `, ${effort.unsold} nobody sells`},{' '}
      <Why
        title="What each change alone brings"
        terms={fixes.map(({ difference, effort: one }) => ({
          label: `${positionName(difference.position)}: ${difference.after ? catalogue.nameOf(catalogue.variant(difference.after.variant)) : 'taken off'}, ${money(one.costMinor, currency)}`,
          value: one.likenessGain,
        }))}
        format={(value) => `${value < 0 ? '−' : '+'}${Math.abs(value).toFixed(1)}`}
        note="Most likeness for its cost first. Changes that only count together do not add up."
      >
        <span className={gain > 0 ? 'text-moss font-semibold' : gain < 0 ? 'text-madder font-semibold' : ''}>
          {gain < 0 ? '−' : '+'}
          {Math.abs(gain)} likeness
        </span>
      </Why>
      {moreMinor !== 0 && `. It is about ${money(Math.abs(moreMinor), currency)} ${moreMinor > 0 ? 'more' : 'less'} to pay in all`}
      {effort.risks.map((risk) => (
        <span key={risk} className="text-saffron block">
          {risk}
        </span>
      ))}
    </p>
  );
}
