import type { ImportJobDto, ImportReport as Report_ } from '@/api';
import { ProblemTable } from '@/parts';
import { Button, plural } from '@/ui';

const PHASES = {
  reading: 'Reading',
  checking: 'Checking',
  comparing: 'Comparing',
  writing: 'Writing',
} as const;

interface ImportProgressProps {
  readonly job: ImportJobDto | null;
  readonly isRunning: boolean;
  /** Why the import was refused, or null. */
  readonly said: string | null;
  readonly onStop: (job: string) => void;
}

/** How far an import is, with a button that stops it, and the sentence that says why it was refused. */
export function ImportProgress({ job, isRunning, said, onStop }: ImportProgressProps) {
  const progress = job?.progress;
  const share = progress && progress.of > 0 ? progress.done / progress.of : null;
  return (
    <>
      {isRunning && (
        <div className="mt-3 flex items-center gap-3" role="status">
          <progress
            className="accent-lagoon w-64"
            {...(share === null ? {} : { value: share, max: 1 })}
            aria-label="How far the import is"
          />
          <span>{progress ? `${PHASES[progress.phase]}${share === null ? '' : `, ${Math.round(share * 100)} %`}` : 'Sending'}</span>
          {job && <Button onClick={() => onStop(job.id)}>Stop</Button>}
        </div>
      )}
      {said !== null && (
        <p role="alert" className="text-madder mt-3">
          {said}
        </p>
      )}
    </>
  );
}

/** What an import found, and what it did or would do. */
export function ImportReport({ report, onAgree }: { readonly report: Report_; readonly onAgree: (agree: 'all' | 'sound') => void }) {
  const taken = report.importedCount > 0;
  const sound = `${report.addedCount} new, ${report.changedCount} changed, ${report.sameCount} the same already`;
  return (
    <div className="mt-3">
      <p role="status">
        {taken
          ? `Imported ${plural(report.importedCount, 'row')}: ${sound}.`
          : `${plural(report.rowCount, 'row')}: ${sound}${report.problemCount > 0 ? `, ${plural(report.problemCount, 'problem')}` : ''}. Nothing is imported yet.`}
        {report.noticeCount > 0 && ` ${plural(report.noticeCount, 'figure')} told that what they planned exists.`}
      </p>
      {report.problems.length > 0 && (
        <ProblemTable problems={report.problems.map(({ path, ...rest }) => ({ ...rest, where: path || null }))} />
      )}
      {!taken && report.soundCount > 0 && (
        <div className="mt-3">
          <Button tone="act" onClick={() => onAgree(report.problemCount > 0 ? 'sound' : 'all')}>
            {report.problemCount > 0
              ? `Import the ${plural(report.soundCount, 'sound row')} alone`
              : `Import ${plural(report.soundCount, 'row')}`}
          </Button>
        </div>
      )}
    </div>
  );
}
