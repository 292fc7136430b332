import { useState } from 'react';
import { type OrderedParcelDto, useListPlacesQuery, useReceiveParcelMutation } from '@/api';
import { PartPicker, PartPicture } from '@/parts';
import { attempt, Button, Input, Picker, plural } from '@/ui';
import { useWorkspace } from '@/workspace';

interface Typed {
  readonly came: string;
  readonly damaged: string;
  readonly instead: string | null;
  readonly isAsked: boolean;
}

/** What came, line by line: as many as were expected unless it is said otherwise; damaged ones, and what came instead. */
export function Receiving({ parcel, onDone }: { readonly parcel: OrderedParcelDto; readonly onDone: () => void }) {
  const { catalogue } = useWorkspace();
  const { data: places = [] } = useListPlacesQuery();
  const [receive, { isLoading }] = useReceiveParcelMutation();
  const open = parcel.lines.filter((line) => line.open > 0);
  const [typed, setTyped] = useState<ReadonlyMap<number, Typed>>(new Map());
  const [place, setPlace] = useState<string | null>(null);
  const [toTrays, setToTrays] = useState(true);
  const stateOf = (id: number): Typed => typed.get(id) ?? { came: '', damaged: '', instead: null, isAsked: false };
  const say = (id: number, change: Partial<Typed>): void => setTyped(new Map(typed).set(id, { ...stateOf(id), ...change }));
  const inside = parcel.inside;
  const lines = open.map((line) => {
    const { came, damaged, instead } = stateOf(line.id);
    return {
      id: line.id,
      came: came === '' ? line.open : Number(came),
      damaged: Number(damaged || 0),
      ...(instead === null ? {} : { instead: { variant: instead, quantity: 1 } }),
    };
  });
  const isSound = lines.every((line, i) => line.came <= (open[i]?.open ?? 0) && line.damaged <= line.came);
  const pieces = lines.reduce((all, line) => all + line.came + (line.instead ? 1 : 0), 0);
  return (
    <form
      aria-label="Put away"
      className="border-rule bg-paper space-y-2 border p-3"
      onSubmit={(event) => {
        event.preventDefault();
        if (place === null) return;
        void attempt(receive({ id: parcel.id, receiveDto: { lines, place, toTrays } }).unwrap()).then((done) => done && onDone());
      }}
    >
      {inside && (
        <p className="text-pencil text-[0.87rem]">
          On the desk:{' '}
          {parcel.lines
            .flatMap((line, i) => {
              const count = inside.came[i] ?? 0;
              return count > 0 ? [`${count} × ${catalogue.nameOf(catalogue.variant(line.variant))}`] : [];
            })
            .concat(inside.instead.map((row) => `1 × ${catalogue.nameOf(catalogue.variant(row.variant))}`))
            .join(', ')}
          .
        </p>
      )}
      <ul className="divide-rule divide-y">
        {open.map((line) => {
          const variant = catalogue.variant(line.variant);
          const name = catalogue.nameOf(variant);
          const own = stateOf(line.id);
          return (
            <li key={line.id} className="py-1.5 text-[0.93rem]">
              <span className="flex items-center gap-2">
                <PartPicture
                  variant={variant}
                  position={catalogue.mouldOf(variant).fills[0]?.[0] ?? 'beside'}
                  catalogue={catalogue}
                  size={40}
                  tacked
                />
                <span className="min-w-0 flex-1">{name}</span>
              </span>
              <span className="mt-1 flex flex-wrap items-center gap-2">
                <Input
                  aria-label={`Came, of ${name}`}
                  inputMode="numeric"
                  className="!w-16 text-right font-mono"
                  value={own.came === '' ? String(line.open) : own.came}
                  onChange={(event) => say(line.id, { came: event.target.value.replace(/\D/g, '') })}
                />
                <span className="text-pencil">of {line.open} came,</span>
                <Input
                  aria-label={`Damaged, of ${name}`}
                  inputMode="numeric"
                  className="!w-14 text-right font-mono"
                  value={own.damaged}
                  onChange={(event) => say(line.id, { damaged: event.target.value.replace(/\D/g, '') })}
                />
                <span className="text-pencil">damaged</span>
                {!own.isAsked && (
                  <Button tone="quiet" className="!px-1 !py-0" onClick={() => say(line.id, { isAsked: true })}>
                    Another part came…
                  </Button>
                )}
              </span>
              {own.isAsked && (
                <PartPicker label={`Instead of ${name}`} value={own.instead} onChoose={(instead) => say(line.id, { instead })} />
              )}
            </li>
          );
        })}
      </ul>
      <label className="flex items-center gap-2 text-[0.93rem]" htmlFor="to-trays">
        <input id="to-trays" type="checkbox" checked={toTrays} onChange={(event) => setToTrays(event.target.checked)} />
        What a figure waits for onto its tray
      </label>
      <Picker
        label="Put them into"
        placeholder={toTrays ? 'The rest into…' : 'Put them into…'}
        value={place}
        options={places
          .filter((row) => row.kind === 'made' || row.kind === 'bench')
          .map((row) => ({ value: row.id, text: row.path || 'No place yet', more: plural(row.pieces, 'piece') }))}
        onChoose={setPlace}
      />
      <Button type="submit" tone="act" disabled={place === null || !isSound || pieces === 0 || isLoading}>
        Put {plural(pieces, 'piece')} away
      </Button>
    </form>
  );
}
