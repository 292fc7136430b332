import { CATALOGUE_KINDS, type CatalogueKind } from '@outfit/core';
import { useState } from 'react';
import { useImportCatalogueMutation, useStopJobMutation, webApi, type ImportJobDto, apiPath } from '@/api';
import { Choice, Label, sentenceOf } from '@/ui';
import { useAppDispatch, useJob } from '@/workspace';
import { ImportProgress, ImportReport } from './ImportReport';

type What = CatalogueKind | 'archive';
const NAMES: Readonly<Record<What, string>> = {
  archive: 'everything, as one archive (JSON)',
  colours: 'colours (CSV)',
  motifs: 'motifs (CSV)',
  moulds: 'moulds (CSV)',
  prints: 'prints (CSV)',
  variants: 'parts (CSV)',
  systems: 'systems (CSV)',
  bundles: 'bundles (CSV)',
  officialFigures: 'official figures (CSV)',
  sources: 'sources and what they yield (CSV)',
};
const WHAT: readonly What[] = ['archive', ...CATALOGUE_KINDS];
/** Files of the catalogue out and in: looked at first, taken only after the person agreed. */
export function Carry() {
  const [what, setWhat] = useState<What>('archive');
  const [file, setFile] = useState<File | null>(null);
  const [refusal, setRefusal] = useState<string | null>(null);
  const [send, { isLoading }] = useImportCatalogueMutation();
  const [stop] = useStopJobMutation();
  const [begun, setBegun] = useState<ImportJobDto | null>(null);
  const dispatch = useAppDispatch();
  // An import that was taken makes everything be read again.
  const job = useJob(begun, ({ result }) => {
    if ((result?.importedCount ?? 0) > 0)
      dispatch(webApi.util.invalidateTags(['catalogue', 'figures', 'wardrobe', 'market', 'notices', 'history']));
  });

  const start = async (chosen: File, agree?: 'all' | 'sound'): Promise<void> => {
    setRefusal(null);
    setBegun(null);
    try {
      const body = new Blob([await chosen.arrayBuffer()], { type: what === 'archive' ? 'application/octet-stream' : 'text/csv' });
      setBegun(await send({ what, body, ...(agree ? { agree } : {}) }).unwrap());
    } catch (error) {
      setRefusal(sentenceOf(error));
    }
  };
  const said = refusal ?? (job && job.state !== 'running' && job.state !== 'done' ? job.error : null);
  return (
    <div className="space-y-5">
      <section aria-label="Out">
        <h2 className="text-[1.07rem]">Out</h2>
        <ul className="mt-1 grid grid-cols-2 gap-x-5">
          {WHAT.map((kind) => (
            <li key={kind}>
              <a href={apiPath(`catalogue/export?what=${kind}`)} download className="text-lagoon underline">
                {NAMES[kind].charAt(0).toUpperCase() + NAMES[kind].slice(1)}
              </a>
            </li>
          ))}
        </ul>
      </section>
      <section aria-label="In">
        <h2 className="text-[1.07rem]">In</h2>
        <div className="mt-1 flex items-end gap-3">
          <Label text="What the file holds" className="w-80">
            <Choice<What>
              value={what}
              options={WHAT.map((value) => ({ value, label: NAMES[value] }))}
              onChoose={(value) => {
                setWhat(value);
                setFile(null);
                setBegun(null);
                setRefusal(null);
              }}
            />
          </Label>
          <label className="border-pencil rounded-cut hover:bg-paper text-lagoon block cursor-pointer border border-dashed px-3 py-1 font-medium">
            {file ? `${file.name} – choose another` : 'Choose a file'}
            <input
              type="file"
              accept=".csv,.json,text/csv,application/json"
              className="sr-only"
              onChange={(event) => {
                const [chosen] = event.target.files ?? [];
                event.target.value = '';
                if (!chosen) return;
                setFile(chosen);
                void start(chosen);
              }}
            />
          </label>
        </div>
        <ImportProgress job={job} isRunning={isLoading || job?.state === 'running'} said={said} onStop={(id) => void stop({ id })} />
        {job?.state === 'done' && job.result && file && <ImportReport report={job.result} onAgree={(agree) => void start(file, agree)} />}
      </section>
    </div>
  );
}
