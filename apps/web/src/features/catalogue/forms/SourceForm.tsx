import {
  CERTAINTIES,
  type Certainty,
  type Source,
  SOURCE_KINDS,
  type SourceKind,
  type Yield,
  YIELD_KINDS,
  type YieldKind,
} from '@outfit/core';
import { X } from 'lucide-react';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import { OfficialPicker, PartPicker } from '@/parts';
import { Button, Choice, Input, Label, Picker, plural } from '@/ui';
import { useWorkspace } from '@/workspace';
import { toSource } from '../paths';
import { ChangeKnown } from './ChangeKnown';
import { useKeepEntry } from '../useKeepEntry';

const choices = <T extends string>(values: readonly T[]) => values.map((value) => ({ value, label: value }));

/** A product of one's own, or one to change, with what it yields and how sure that is. */
export function SourceForm() {
  const { catalogue, today } = useWorkspace();
  const [start, setStart] = useState('');
  const known = catalogue.data.sources.find((row) => row.id === start);
  const blank: Source = { id: '', name: '', kind: 'boxed set', range: '', year: Number(today.slice(0, 4)), yields: [] };
  return (
    <>
      <Label text="Which" className="mb-3 max-w-md">
        <Picker
          label="Which"
          value={start}
          options={[
            { value: '', text: 'a new one' },
            ...catalogue.data.sources.map((row) => ({ value: row.id, text: row.name, more: `${row.id}, ${row.kind}, ${row.year}` })),
          ]}
          onChoose={setStart}
        />
      </Label>
      <SourceFields key={start} start={known ?? blank} isNew={!known} />
    </>
  );
}

function SourceFields({ start, isNew }: { readonly start: Source; readonly isNew: boolean }) {
  const navigate = useNavigate();
  const { saving, keep } = useKeepEntry();
  const [source, setSource] = useState(start);
  const { catalogue } = useWorkspace();
  const id = source.id.trim();
  const known = catalogue.data.sources.find((row) => row.id === id);
  const [agreedFor, setAgreedFor] = useState('');
  const isAgreed = !known || agreedFor === id;
  const change = (part: Partial<Source>): void => setSource((now) => ({ ...now, ...part }));
  const setYield = (index: number, part: Partial<Yield>): void =>
    change({ yields: source.yields.map((line, i) => (i === index ? { ...line, ...part } : line)) });
  return (
    <form
      className="max-w-3xl space-y-3"
      onSubmit={(event) => {
        event.preventDefault();
        void keep('sources', source, known ? 'Source changed.' : 'Source added.').then((kept) => kept && navigate(toSource(source.id)));
      }}
    >
      <div className="grid grid-cols-3 gap-x-5 gap-y-3">
        <Label text="Number">
          <Input value={source.id} disabled={!isNew} className="font-mono" onChange={(event) => change({ id: event.target.value })} />
        </Label>
        <Label text="Name" className="col-span-2">
          <Input value={source.name} onChange={(event) => change({ name: event.target.value })} />
        </Label>
        <Label text="Kind">
          <Choice<SourceKind> value={source.kind} options={choices(SOURCE_KINDS)} onChoose={(kind) => change({ kind })} />
        </Label>
        <Label text="Range">
          <Input value={source.range} onChange={(event) => change({ range: event.target.value })} />
        </Label>
        <Label text="Year">
          <Input inputMode="numeric" value={String(source.year)} onChange={(event) => change({ year: Number(event.target.value) || 0 })} />
        </Label>
      </div>
      <PrintRun
        printRun={source.printRun}
        onChange={(printRun) => setSource(({ printRun: _, ...rest }) => (printRun ? { ...rest, printRun } : rest))}
      />
      <fieldset>
        <legend className="text-pencil text-[0.87rem]">What it yields</legend>
        {source.yields.map((line, i) => (
          <YieldRow
            key={i}
            line={line}
            onChange={(part) => setYield(i, part)}
            onRemove={() => change({ yields: source.yields.filter((_, j) => j !== i) })}
          />
        ))}
        <Button onClick={() => change({ yields: [...source.yields, { kind: 'variant', item: '', quantity: 1, certainty: 'sure' }] })}>
          Something more
        </Button>
      </fieldset>
      {known && (
        <ChangeKnown
          name={`${known.id} ${known.name}`}
          uses={known.yields.length > 0 ? [`it yields ${plural(known.yields.length, 'thing')}, and what they cost follows from it`] : []}
          agreed={isAgreed}
          onAgree={(yes) => setAgreedFor(yes ? id : '')}
        />
      )}
      <Button tone="act" type="submit" disabled={saving || id === '' || source.name.trim() === '' || !isAgreed}>
        {known ? 'Keep the changes' : 'Add this source'}
      </Button>
    </form>
  );
}

interface PrintRunProps {
  readonly printRun: Source['printRun'];
  readonly onChange: (printRun: Source['printRun']) => void;
}

/** How many were made, when anybody knows. */
function PrintRun({ printRun, onChange }: PrintRunProps) {
  return (
    <div className="grid grid-cols-3 gap-x-5">
      <Label text="Copies made, when known">
        <Input
          inputMode="numeric"
          value={printRun ? String(printRun.copies) : ''}
          onChange={(event) => {
            const copies = Number(event.target.value.replace(/\D/g, ''));
            onChange(copies > 0 ? { copies, certainty: printRun?.certainty ?? 'think so' } : undefined);
          }}
        />
      </Label>
      {printRun && (
        <Label text="How sure">
          <Choice<Certainty>
            value={printRun.certainty}
            options={choices(CERTAINTIES)}
            onChoose={(certainty) => onChange({ ...printRun, certainty })}
          />
        </Label>
      )}
    </div>
  );
}

const YIELD_NAMES: readonly { readonly value: YieldKind; readonly label: string }[] = YIELD_KINDS.map((value) => ({
  value,
  label: value === 'variant' ? 'part' : value,
}));

interface YieldRowProps {
  readonly line: Yield;
  readonly onChange: (part: Partial<Yield>) => void;
  readonly onRemove: () => void;
}

function YieldRow({ line, onChange, onRemove }: YieldRowProps) {
  return (
    <div className="my-1 grid grid-cols-[4rem_7rem_minmax(0,1fr)_7rem_2rem] items-center gap-2">
      <Input
        aria-label="How many"
        inputMode="numeric"
        value={String(line.quantity)}
        onChange={(event) => onChange({ quantity: Number(event.target.value) || 1 })}
      />
      <Choice<YieldKind> aria-label="What kind" value={line.kind} options={YIELD_NAMES} onChoose={(kind) => onChange({ kind, item: '' })} />
      <WhatIsYielded kind={line.kind} item={line.item} onChoose={(item) => onChange({ item })} />
      <Choice<Certainty>
        aria-label="How sure"
        value={line.certainty}
        options={choices(CERTAINTIES)}
        onChoose={(certainty) => onChange({ certainty })}
      />
      <Button tone="quiet" className="!px-1" aria-label="Take this line out" onClick={onRemove}>
        <X size={15} strokeWidth={1.75} />
      </Button>
    </div>
  );
}

interface WhatIsYieldedProps {
  readonly kind: YieldKind;
  readonly item: string;
  readonly onChoose: (item: string) => void;
}

function WhatIsYielded({ kind, item, onChoose }: WhatIsYieldedProps) {
  const { catalogue } = useWorkspace();
  if (kind === 'variant') return <PartPicker label="Which" value={item} onChoose={onChoose} />;
  if (kind === 'figure') return <OfficialPicker label="Which" value={item} onChoose={onChoose} />;
  const rows = kind === 'bundle' ? catalogue.data.bundles : catalogue.data.sources;
  return (
    <Picker label="Which" value={item} options={rows.map((row) => ({ value: row.id, text: row.name, more: row.id }))} onChoose={onChoose} />
  );
}
