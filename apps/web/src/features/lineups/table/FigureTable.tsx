import { ArrowDown, ArrowUp } from 'lucide-react';
import { useMemo, useState } from 'react';
import { Link } from 'react-router';
import { useEnrolFiguresMutation, useReadPromisesQuery, useSetRoleMutation } from '@/api';
import { attempt, Button, Choice, Input, KeptInput, useAddress } from '@/ui';
import { type Judged, promisedOf, type ToBuy, toBuyOf, useStandingPlans, useWorkspace } from '@/workspace';
import { FigurePicture } from '@/parts';
import type { WayProps } from '../wayProps';
import { type Column, COLUMNS, FIRST_COLUMNS, RIGHT, rowsOf, shownRows } from './rows';
import { saveAsCsv } from './saveAsCsv';

const isColumn = (text: string | null): text is Column => text !== null && text in COLUMNS;
const ALL = Object.keys(COLUMNS) as Column[];

/** All figures of a line-up in rows: sorted, filtered, changed in place or many at once, and taken away as a file. */
export default function FigureTable({ lineUp, judged, selection }: WayProps) {
  const { catalogue } = useWorkspace();
  const { data: told } = useReadPromisesQuery();
  const plans = useStandingPlans(lineUp.id);
  const [params, change] = useAddress();
  const [words, setWords] = useState(params.get('q') ?? '');
  const asked = params.get('sort');
  const [by, isDown] = [isColumn(asked) ? asked : 'number', params.get('down') === '1'] as const;
  const named = params.get('columns')?.split(',').filter(isColumn) ?? [];
  const columns = named.length > 0 ? ALL.filter((column) => named.includes(column)) : FIRST_COLUMNS;
  const rows = useMemo(() => {
    const toBuy = ({ figure, look, judgement }: Judged): ToBuy | null => judgement && toBuyOf(plans, figure, look, judgement.cost);
    return rowsOf(lineUp, judged, told ? promisedOf(told) : null, toBuy);
  }, [lineUp, judged, told, plans]);
  const shown = shownRows(rows, words, by, isDown);
  const ids = shown.map(({ judged: { figure } }) => figure.id);
  const sortBy = (column: Column): void =>
    change((next) => {
      next.set('sort', column);
      if (column === by && !isDown) next.set('down', '1');
      else next.delete('down');
    });
  const isAll = ids.length > 0 && ids.every((id) => selection.has(id));
  return (
    <div className="flex min-h-0 flex-1 flex-col px-4 py-3">
      <div className="mb-2 flex flex-wrap items-center gap-3">
        <Input
          aria-label="Filter these figures"
          placeholder="Filter: a role, a face, built…"
          className="!w-60"
          value={words}
          onChange={(event) => {
            setWords(event.target.value);
            change((next) => (event.target.value === '' ? next.delete('q') : next.set('q', event.target.value)));
          }}
        />
        <details className="relative">
          <summary className="border-rule rounded-cut cursor-pointer border px-2.5 py-1">Columns</summary>
          <div className="border-pencil bg-sheet rounded-cut absolute z-20 mt-1 w-44 border p-3">
            {ALL.map((column) => (
              <label key={column} className="flex items-center gap-2">
                <input
                  type="checkbox"
                  className="accent-lagoon"
                  checked={columns.includes(column)}
                  disabled={column === 'name'}
                  onChange={(event) => {
                    const next = event.target.checked ? [...columns, column] : columns.filter((own) => own !== column);
                    change((query) => query.set('columns', next.join(',')));
                  }}
                />
                {COLUMNS[column]}
              </label>
            ))}
          </div>
        </details>
        <Button
          onClick={() =>
            saveAsCsv(
              `${lineUp.name}.csv`,
              columns.map((column) => COLUMNS[column]),
              shown.map(({ cells }) => columns.map((column) => cells[column].text)),
            )
          }
        >
          Save as CSV
        </Button>
        <span className="text-pencil text-[0.93rem]" role="status">
          {shown.length === rows.length ? `${rows.length} figures` : `${shown.length} of ${rows.length}`}
        </span>
      </div>
      {/* eslint-disable-next-line jsx-a11y/no-noninteractive-tabindex -- what scrolls must be reachable by keyboard */}
      <div className="bg-sheet border-rule min-h-0 flex-1 overflow-auto border" tabIndex={0} role="region" aria-label="Figures in rows">
        <table className="w-full border-collapse text-[0.93rem] max-sm:hidden">
          <thead className="bg-sheet text-pencil sticky top-0 z-10 text-left text-[0.87rem]">
            <tr className="border-ink border-b">
              <th className="w-8 pl-2">
                <input
                  type="checkbox"
                  className="accent-lagoon"
                  aria-label="Choose every figure"
                  checked={isAll}
                  onChange={() => selection.set(isAll ? [] : ids)}
                />
              </th>
              {columns.map((column) => (
                <th
                  key={column}
                  scope="col"
                  aria-sort={column === by ? (isDown ? 'descending' : 'ascending') : 'none'}
                  className={`px-2 py-1 font-medium ${RIGHT.includes(column) ? 'text-right' : ''}`}
                >
                  <button type="button" className="hover:text-ink inline-flex items-center gap-0.5" onClick={() => sortBy(column)}>
                    {COLUMNS[column]}
                    {column === by && (isDown ? <ArrowDown size={13} /> : <ArrowUp size={13} />)}
                  </button>
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {shown.map(({ judged: row, cells }) => (
              <tr key={row.figure.id} className={`border-rule border-b ${selection.has(row.figure.id) ? 'bg-lagoon-wash' : ''}`}>
                <td className="pl-2">
                  <input
                    type="checkbox"
                    className="accent-lagoon"
                    aria-label={`Choose ${row.figure.brief.name}`}
                    checked={selection.has(row.figure.id)}
                    onChange={() => undefined}
                    onClick={(event) => selection.toggle(row.figure.id, event.shiftKey)}
                  />
                </td>
                {columns.map((column) => (
                  <td key={column} className={`max-w-52 px-2 py-0.5 ${RIGHT.includes(column) ? 'text-right font-mono' : 'truncate'}`}>
                    {column === 'name' ? (
                      <Link className="hover:text-lagoon font-medium" to={`/figures/${row.figure.id}/brief`}>
                        {cells.name.text}
                      </Link>
                    ) : column === 'role' || column === 'faction' ? (
                      <InPlace lineUp={lineUp} figure={row.figure} column={column} text={cells[column].text} />
                    ) : (
                      cells[column].text
                    )}
                  </td>
                ))}
              </tr>
            ))}
          </tbody>
        </table>
        <ul className="hidden max-sm:block">
          {shown.map(({ judged: row, cells }) => (
            <li key={row.figure.id} className="border-rule flex gap-3 border-b p-3">
              <FigurePicture look={row.look} catalogue={catalogue} pxPerMm={1.8} label="" />
              <div className="min-w-0 flex-1">
                <Link className="font-head font-semibold" to={`/figures/${row.figure.id}/brief`}>
                  {cells.name.text}
                </Link>
                <dl className="grid grid-cols-[auto_1fr] gap-x-3 text-[0.87rem]">
                  {columns
                    .filter((column) => column !== 'name' && cells[column].text !== '')
                    .map((column) => (
                      <div key={column} className="contents">
                        <dt className="text-pencil">{COLUMNS[column]}</dt>
                        <dd>{cells[column].text}</dd>
                      </div>
                    ))}
                </dl>
              </div>
            </li>
          ))}
        </ul>
      </div>
    </div>
  );
}

interface InPlaceProps {
  readonly lineUp: WayProps['lineUp'];
  readonly figure: WayProps['judged'][number]['figure'];
  readonly column: 'role' | 'faction';
  readonly text: string;
}

/** Role and faction are written where they stand. */
function InPlace({ lineUp, figure, column, text }: InPlaceProps) {
  const [enrol] = useEnrolFiguresMutation();
  const [setRole] = useSetRoleMutation();
  const { roles, factions } = lineUp.plan;
  const label = `${COLUMNS[column]} of ${figure.brief.name}`;
  const keep = (change: { role?: string; faction?: string }): void =>
    void attempt(enrol({ id: lineUp.id, enrolDto: { figures: [figure.id], ...change } }).unwrap());
  if (column === 'role' && roles.length === 0)
    return (
      <KeptInput
        label={label}
        className="!border-transparent !bg-transparent !px-1 hover:!border-rule"
        value={text}
        optional
        maxLength={60}
        onKeep={(role) => void attempt(setRole({ id: figure.id, roleDto: { role } }).unwrap())}
      />
    );
  if (column === 'faction' && factions.length === 0) return <span className="text-pencil">–</span>;
  const names =
    column === 'role'
      ? [...new Set([...roles.map(({ name }) => name), figure.role])].filter(Boolean).map((name) => [name, name] as const)
      : factions.map(({ id, name }) => [id, name] as const);
  return (
    <Choice
      aria-label={label}
      className="!border-transparent !bg-transparent !px-0 !py-0.5 hover:!border-rule"
      value={column === 'role' ? figure.role : figure.faction}
      options={[{ value: '', label: 'none' }, ...names.map(([value, name]) => ({ value, label: name }))]}
      onChoose={(value) => keep(column === 'role' ? { role: value } : { faction: value })}
    />
  );
}
