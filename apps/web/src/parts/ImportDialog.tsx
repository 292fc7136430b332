import { type ReactNode, useState } from 'react';
import type { ImportReportDto } from '@/api';
import { Button, plural, sentenceOf, Sheet, tell } from '@/ui';
import { ProblemTable } from './ProblemTable';

type Agreement = 'all' | 'sound' | undefined;

interface ImportDialogProps<R extends ImportReportDto> {
  readonly title: string;
  /** What the button that opens it says; a plain button when it is not the main one of its page. */
  readonly opens?: string;
  /** The columns the first line must name. */
  readonly columns: readonly { readonly name: string; readonly about: string }[];
  readonly what: string;
  /** Sends the file; without an agreement it is only looked at. */
  readonly send: (file: Blob, agree: Agreement) => Promise<R>;
  /** What else the report has to say, shown before the person agrees. */
  readonly more?: (report: R) => ReactNode;
}

interface Checked<R> {
  readonly file: File;
  readonly report: R;
}

/** Import in two steps: the file is looked at and reported row by row; nothing is taken before the person agrees. */
export function ImportDialog<R extends ImportReportDto>({ title, opens, columns, what, send, more }: ImportDialogProps<R>) {
  const [open, setOpen] = useState(false);
  const [checked, setChecked] = useState<Checked<R> | null>(null);
  const [refusal, setRefusal] = useState<string | null>(null);

  const attempt = async (file: File, agree: Agreement): Promise<void> => {
    try {
      // The bytes go as they are: their encoding is part of what is checked.
      const report = await send(new Blob([await file.arrayBuffer()], { type: 'text/csv' }), agree);
      setRefusal(null);
      if (agree === undefined) return setChecked({ file, report });
      tell.success(`${plural(report.importedCount, what)} imported.`);
      setOpen(false);
    } catch (error) {
      setChecked(null);
      setRefusal(sentenceOf(error));
    }
  };

  return (
    <Sheet
      title={title}
      about="The first line names the columns; commas, semicolons or tabs between them. Nothing is imported before you agree."
      wide
      open={open}
      onOpenChange={(next) => {
        setOpen(next);
        setChecked(null);
        setRefusal(null);
      }}
      trigger={opens === undefined ? <Button tone="act">Import CSV…</Button> : <Button>{opens}</Button>}
    >
      <ul className="mt-3 grid grid-cols-2 gap-x-4 gap-y-0.5 text-[0.87rem]">
        {columns.map((column) => (
          <li key={column.name}>
            <span className="font-mono">{column.name}</span> <span className="text-pencil">{column.about}</span>
          </li>
        ))}
      </ul>
      <label className="border-pencil rounded-cut hover:bg-paper mt-4 block border border-dashed p-4 text-center">
        <span className="text-lagoon font-medium">{checked ? `${checked.file.name} – choose another file` : 'Choose a CSV file'}</span>
        <input
          type="file"
          accept=".csv,text/csv"
          className="sr-only"
          onChange={(event) => {
            const [file] = event.target.files ?? [];
            event.target.value = '';
            if (file) void attempt(file, undefined);
          }}
        />
      </label>
      {refusal !== null && (
        <p role="alert" className="text-madder mt-3">
          {refusal} Nothing was imported.
        </p>
      )}
      {checked && (
        <Report report={checked.report} what={what} onAgree={(agree) => void attempt(checked.file, agree)}>
          {more?.(checked.report)}
        </Report>
      )}
    </Sheet>
  );
}

function Report({
  report,
  what,
  onAgree,
  children,
}: {
  readonly report: ImportReportDto;
  readonly what: string;
  readonly onAgree: (agree: Agreement) => void;
  readonly children?: ReactNode;
}) {
  const bad = report.rowCount - report.soundCount;
  return (
    <section aria-label="What the file holds" className="mt-4 flex min-h-0 flex-col">
      <p role="status">
        {plural(report.rowCount, 'row')}: {report.soundCount} sound{bad > 0 ? `, ${bad} with problems` : ''}. Nothing is imported yet.
      </p>
      {report.problems.length > 0 && <ProblemTable problems={report.problems.map(({ column, ...rest }) => ({ ...rest, where: column }))} />}
      {children}
      <div className="mt-3 flex gap-2">
        {bad === 0 && report.soundCount > 0 && (
          <Button tone="act" onClick={() => onAgree('all')}>
            Import {plural(report.soundCount, what)}
          </Button>
        )}
        {bad > 0 && report.soundCount > 0 && (
          <Button tone="act" onClick={() => onAgree('sound')}>
            Import the {plural(report.soundCount, 'sound row')} alone
          </Button>
        )}
      </div>
    </section>
  );
}
