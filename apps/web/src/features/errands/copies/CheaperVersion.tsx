import { itemName, money, worthwhileVersions } from '@outfit/core';
import { useState } from 'react';
import { type ErrandDto, type SeriesPointDto, useFindCheaperVersionMutation, type SeriesJobDto } from '@/api';
import { attempt, Button, Input, Label, plural } from '@/ui';
import { useJob, useWorkspace } from '@/workspace';
import { useVersionAsLook } from './useVersionAsLook';

/** The cheapest version that still looks right: what gives way at a likeness the person would keep. */
export function CheaperVersion({ errand }: { readonly errand: ErrandDto }) {
  const [begin, { isLoading }] = useFindCheaperVersionMutation();
  const [begun, setBegun] = useState<SeriesJobDto | null>(errand.cheaper);
  const [floor, setFloor] = useState('75');
  const job = useJob(begun);
  const wanted = Number(floor);
  const isSound = floor.trim() !== '' && Number.isInteger(wanted) && wanted >= 0 && wanted <= 100;
  if (errand.lines.length > 1) return null;
  const start = async (): Promise<void> => {
    setBegun(await attempt(begin({ id: errand.id, floorDto: { floor: wanted } }).unwrap()));
  };
  return (
    <section aria-label="A cheaper version">
      <h3 className="text-[1.07rem]">Cheaper, and still right</h3>
      <form
        className="flex items-end gap-2"
        onSubmit={(event) => {
          event.preventDefault();
          if (isSound) void start();
        }}
      >
        <Label text="Likeness to keep" className="w-32">
          <Input inputMode="numeric" value={floor} onChange={(event) => setFloor(event.target.value)} aria-invalid={!isSound} />
        </Label>
        <Button type="submit" disabled={!isSound || isLoading || job?.state === 'running'}>
          Look for it
        </Button>
      </form>
      {job?.state === 'running' && (
        <p role="status" className="text-pencil text-[0.87rem]">
          Looking…
        </p>
      )}
      {job?.result && <Versions points={job.result.points} floor={wanted} errand={errand} isDone={job.state !== 'running'} />}
    </section>
  );
}

interface VersionsProps {
  readonly points: readonly SeriesPointDto[];
  readonly floor: number;
  readonly errand: ErrandDto;
  readonly isDone: boolean;
}

function Versions({ points, floor, errand, isDone }: VersionsProps) {
  const { catalogue } = useWorkspace();
  const format = (minor: number): string => money(minor, errand.currency);
  const { take, isBusy } = useVersionAsLook(errand);
  const kept = worthwhileVersions(points, floor);
  if (kept.length === 0) return isDone ? <p className="text-pencil text-[0.93rem]">No version keeps a likeness of {floor}.</p> : null;
  return (
    <ul aria-label="Versions" className="mt-1 text-[0.93rem]">
      {kept.map((point) => (
        <li key={`${point.costMinor}-${point.likeness ?? 0}`} className="border-rule border-t py-1">
          <span className="flex justify-between gap-2">
            <span>
              likeness <b className="font-mono">{Math.round(point.likeness ?? 0)}</b>,{' '}
              {point.swaps.length === 0 ? 'as it is' : `${plural(point.swaps.length, 'part')} otherwise`}, to pay
            </span>
            <span className="font-mono">{format(point.costMinor)}</span>
          </span>
          {point.swaps.map((swap) => (
            <span key={swap.variant + swap.substitute} className="text-pencil block text-[0.87rem]">
              {itemName({ kind: 'variant', item: swap.substitute }, catalogue)} for{' '}
              {itemName({ kind: 'variant', item: swap.variant }, catalogue)}
            </span>
          ))}
          {isDone && point.swaps.length > 0 && (
            <Button className="mt-1" disabled={isBusy} onClick={() => void take(point)}>
              Make it a look
            </Button>
          )}
        </li>
      ))}
    </ul>
  );
}
