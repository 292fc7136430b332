import { type ReactNode, useState } from 'react';
import type { ErrandLineDto, ErrandSettingsDto } from '@/api';
import { Button, sentenceOf } from '@/ui';
import { useWorkspace } from '@/workspace';
import { type DraftLine, soundLines } from './lines';
import { LinesEditor } from './LinesEditor';
import { draftOf, settingsFrom } from './rules';
import { RulesEditor } from './RulesEditor';

interface ErrandFormProps {
  readonly title: string;
  readonly begin: readonly DraftLine[];
  /** The rules of the last trip, to begin with. */
  readonly lastSettings: ErrandSettingsDto | undefined;
  readonly error: unknown;
  readonly isBusy: boolean;
  readonly onPlan: (lines: ErrandLineDto[], settings: ErrandSettingsDto) => void;
  readonly children?: ReactNode;
}

/** What to shop for, and the rules of the trip. */
export function ErrandForm({ title, begin, lastSettings, error, isBusy, onPlan, children }: ErrandFormProps) {
  const { currency } = useWorkspace();
  const [lines, setLines] = useState(begin);
  // Until a rule is touched, the rules are those of the last trip, whenever it has been read.
  const [touched, setTouched] = useState<ReturnType<typeof draftOf> | null>(null);
  const draft = touched ?? draftOf(lastSettings ?? {}, currency);
  const settings = settingsFrom(draft, currency);
  const sound = soundLines(lines);
  return (
    <form
      aria-label="Plan an errand"
      className="border-rule bg-sheet flex min-h-0 flex-col gap-3 overflow-auto border-r p-4"
      onSubmit={(event) => {
        event.preventDefault();
        if (sound && settings) onPlan(sound, settings);
      }}
    >
      <h1 className="text-xl">Errand for {title}</h1>
      <LinesEditor lines={lines} onChange={setLines} />
      <Button type="submit" tone="act" disabled={!sound || !settings || isBusy} className="justify-center !py-2">
        Plan the errand
      </Button>
      {error !== undefined && (
        <p role="alert" className="text-madder">
          {sentenceOf(error)}
        </p>
      )}
      <RulesEditor draft={draft} onChange={setTouched} />
      {children}
    </form>
  );
}
