import { FOREIGN_FIELDS, type ForeignField, plainShapingOf, SHAPE_FAMILIES, type ShapeFamily } from '@outfit/core';
import { useState } from 'react';
import { Link } from 'react-router';
import {
  type ForeignLookDto,
  type ImportJobDto,
  useImportCatalogueMutation,
  useLookAtForeignMutation,
  useStopJobMutation,
  webApi,
} from '@/api';
import { Button, Choice, Label, plural, sentenceOf } from '@/ui';
import { useAppDispatch, useJob } from '@/workspace';
import { ShapePicture } from '../shapes';
import { ImportProgress, ImportReport } from './ImportReport';

const FIELDS = Object.entries(FOREIGN_FIELDS) as [ForeignField, { readonly words: string }][];
/** The head of a file is enough to tell its columns. */
const HEAD_BYTES = 200_000;

type Mapping = Readonly<Partial<Record<ForeignField, string>>>;
type Kinds = Readonly<Partial<Record<string, ShapeFamily>>>;

/**
 * Somebody else's catalogue, in columns of their own: which column tells what is guessed and can be said; what no word places is said by
 * its picture, or gone over later.
 */
export function Foreign() {
  const [file, setFile] = useState<File | null>(null);
  const [look, setLook] = useState<ForeignLookDto | null>(null);
  const [mapping, setMapping] = useState<Mapping>({});
  const [kinds, setKinds] = useState<Kinds>({});
  const [refusal, setRefusal] = useState<string | null>(null);
  const [lookAt] = useLookAtForeignMutation();
  const [send, { isLoading }] = useImportCatalogueMutation();
  const [stop] = useStopJobMutation();
  const [begun, setBegun] = useState<ImportJobDto | null>(null);
  const dispatch = useAppDispatch();
  const job = useJob(begun, ({ result }) => {
    if ((result?.importedCount ?? 0) > 0)
      dispatch(webApi.util.invalidateTags(['catalogue', 'figures', 'wardrobe', 'market', 'notices', 'history']));
  });
  const choose = async (chosen: File): Promise<void> => {
    setFile(chosen);
    setBegun(null);
    setKinds({});
    setRefusal(null);
    try {
      const body = new Blob([await chosen.slice(0, HEAD_BYTES).arrayBuffer()], { type: 'text/csv' });
      const seen = await lookAt({ body }).unwrap();
      setLook(seen);
      setMapping(seen.mapping);
    } catch (error) {
      setLook(null);
      setRefusal(sentenceOf(error));
    }
  };
  const start = async (agree?: 'all' | 'sound', said: Kinds = kinds): Promise<void> => {
    if (!file) return;
    setRefusal(null);
    setBegun(null);
    try {
      const body = new Blob([await file.arrayBuffer()], { type: 'text/csv' });
      const foreign = JSON.stringify({ mapping, kinds: said });
      setBegun(await send({ what: 'foreign', foreign, body, ...(agree ? { agree } : {}) }).unwrap());
    } catch (error) {
      setRefusal(sentenceOf(error));
    }
  };
  const said = refusal ?? (job && job.state !== 'running' && job.state !== 'done' ? job.error : null);
  const report = job?.state === 'done' ? job.result : null;
  const isReady = mapping.name !== undefined && (mapping.colourHex !== undefined || mapping.colourName !== undefined);
  return (
    <div className="space-y-4">
      <p className="text-pencil">
        A CSV file in anybody’s columns. One that Outfit wrote is read under{' '}
        <Link to="?do=carry" className="text-lagoon underline">
          Files in and out
        </Link>
        .
      </p>
      <label className="border-pencil rounded-cut hover:bg-paper text-lagoon inline-block cursor-pointer border border-dashed px-3 py-1 font-medium">
        {file ? `${file.name} – choose another` : 'Choose a file'}
        <input
          type="file"
          accept=".csv,.tsv,.txt,text/csv"
          aria-label="A catalogue in other columns"
          className="sr-only"
          onChange={(event) => {
            const [chosen] = event.target.files ?? [];
            event.target.value = '';
            if (chosen) void choose(chosen);
          }}
        />
      </label>
      {look && (
        <>
          <Columns look={look} mapping={mapping} onChange={setMapping} />
          <Button tone="act" disabled={!isReady || isLoading || job?.state === 'running'} onClick={() => void start()}>
            Look through the file
          </Button>
          {!isReady && <p className="text-saffron">Say at least which column tells the name, and which the colour.</p>}
        </>
      )}
      <ImportProgress job={job} isRunning={isLoading || job?.state === 'running'} said={said} onStop={(id) => void stop({ id })} />
      {report && report.unplaced.length > 0 && (
        <Unplaced
          rows={report.unplaced}
          isTaken={report.importedCount > 0}
          onSay={(category, family) => {
            const next = { ...kinds, [category]: family };
            setKinds(next);
            void start(undefined, next);
          }}
        />
      )}
      {report && <ImportReport report={report} onAgree={(agree) => void start(agree)} />}
    </div>
  );
}

interface ColumnsProps {
  readonly look: ForeignLookDto;
  readonly mapping: Mapping;
  readonly onChange: (mapping: Mapping) => void;
}

/** Which column tells what, over the first rows of the file. */
function Columns({ look, mapping, onChange }: ColumnsProps) {
  const choose = (field: ForeignField, header: string): void => {
    const { [field]: _, ...rest } = mapping;
    onChange(header === '' ? rest : { ...rest, [field]: header });
  };
  const told = new Map(Object.entries(mapping).map(([field, header]) => [header, FOREIGN_FIELDS[field as ForeignField].words]));
  return (
    <>
      <fieldset className="grid grid-cols-3 gap-x-4 gap-y-2">
        <legend className="text-pencil mb-1 text-[0.93rem]">Which column tells …</legend>
        {FIELDS.map(([field, { words }]) => (
          <Label key={field} text={words}>
            <Choice
              value={mapping[field] ?? ''}
              options={[{ value: '', label: 'none' }, ...look.headers.map((header) => ({ value: header, label: header }))]}
              onChoose={(header) => choose(field, header)}
            />
          </Label>
        ))}
      </fieldset>
      <div className="overflow-x-auto">
        <table aria-label="The first rows" className="border-rule w-full border text-[0.87rem]">
          <thead className="bg-paper text-left">
            <tr>
              {look.headers.map((header) => (
                <th key={header} scope="col" className="px-2 py-1 font-medium whitespace-nowrap">
                  {header}
                  <span className="text-lagoon block text-[0.8rem]">{told.get(header) ?? '–'}</span>
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {look.samples.map((row, i) => (
              <tr key={i} className="border-rule border-t">
                {row.map((cell, k) => (
                  <td key={k} className="max-w-48 truncate px-2 py-0.5">
                    {cell}
                  </td>
                ))}
              </tr>
            ))}
          </tbody>
        </table>
      </div>
    </>
  );
}

interface UnplacedProps {
  readonly rows: readonly { readonly category: string; readonly moulds: number; readonly names: readonly string[] }[];
  readonly isTaken: boolean;
  readonly onSay: (category: string, family: ShapeFamily) => void;
}

/** Kinds of parts that no word placed, to be said by their picture; what is left is a box for now, and found again by one word. */
function Unplaced({ rows, isTaken, onSay }: UnplacedProps) {
  return (
    <section aria-label="Not placed" className="border-saffron bg-paper border-l-[3px] px-3 py-2">
      <h2 className="text-[1.07rem]">
        {plural(
          rows.reduce((all, row) => all + row.moulds, 0),
          'mould',
        )}{' '}
        could not be placed by name
      </h2>
      {isTaken ? (
        <p>
          They are drawn as boxes for now.{' '}
          <Link to="/catalogue?q=unplaced" className="text-lagoon underline">
            Go over them
          </Link>{' '}
          whenever you like: each mould’s page changes its shape.
        </p>
      ) : (
        <p className="text-pencil">Say by its picture what a kind is, or leave it for later.</p>
      )}
      <ul className="mt-1 max-h-72 overflow-auto">
        {rows.map((row) => (
          <li key={row.category} className="border-rule border-t py-1.5">
            <p>
              <b>{row.category || 'no kind told'}</b>{' '}
              <span className="text-pencil text-[0.93rem]">
                {plural(row.moulds, 'mould')}, such as {row.names.join(', ')}
              </span>
            </p>
            {!isTaken && (
              <div role="group" aria-label={`What ${row.category || 'they'} are`} className="mt-1 flex flex-wrap gap-1">
                {SHAPE_FAMILIES.map((family) => (
                  <button
                    key={family}
                    type="button"
                    title={family}
                    aria-label={family}
                    className="border-rule rounded-cut hover:border-lagoon border"
                    onClick={() => onSay(row.category, family)}
                  >
                    <ShapePicture shaping={plainShapingOf(family)} size={38} />
                  </button>
                ))}
              </div>
            )}
          </li>
        ))}
      </ul>
    </section>
  );
}
