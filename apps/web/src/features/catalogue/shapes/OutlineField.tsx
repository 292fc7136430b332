import type { OutlinePath, OwnOutline } from '@outfit/core';
import { useState } from 'react';
import { useReadOutlineMutation } from '@/api';
import { Button, chooseFile, Input, Label, sentenceOf } from '@/ui';
import { measureOf } from './draft';

interface OutlineFieldProps {
  readonly outline: OwnOutline | null;
  /** How tall a drawn thing of this family usually is, and how high it sits, in mm. */
  readonly usual: { readonly heightMm: number; readonly liftMm: number };
  readonly onOutline: (outline: OwnOutline | null) => void;
}

const SIDES = [
  ['front', 'From the front'],
  ['back', 'From behind'],
  ['side', 'From its left'],
] as const;

/** An outline of one's own, read from SVG files: a side each, all at one height; what is no outline is refused with its reason. */
export function OutlineField({ outline, usual, onOutline }: OutlineFieldProps) {
  const [read, { isLoading }] = useReadOutlineMutation();
  const [height, setHeight] = useState(String(usual.heightMm));
  const [lift, setLift] = useState(String(outline?.liftMm ?? usual.liftMm));
  const [fault, setFault] = useState<string | null>(null);
  const heightMm = measureOf(height) ?? 0;
  const liftMm = Number(lift.trim().replace(',', '.'));
  const take = async (side: (typeof SIDES)[number][0], file: File): Promise<void> => {
    setFault(null);
    try {
      const paths = (await read({ heightMm, body: new File([file], file.name, { type: 'image/svg+xml' }) }).unwrap()) as OutlinePath[];
      onOutline(side === 'front' || outline === null ? { ...outline, liftMm, front: paths } : { ...outline, [side]: paths });
    } catch (error) {
      setFault(`${file.name}: ${sentenceOf(error)}`);
    }
  };
  return (
    <details className="border-rule border-t pt-2" open={outline !== null}>
      <summary className="cursor-pointer">Drawn by yourself, as SVG</summary>
      <div className="mt-2 space-y-2">
        <p className="text-pencil text-[0.93rem]">
          Filled outlines in up to three colours, each side a file. The shape above still says what it is and what it measures.
        </p>
        <div className="grid max-w-md grid-cols-2 gap-3">
          <Label text="How tall the drawn thing is, mm">
            <Input className="font-mono" inputMode="decimal" value={height} onChange={(event) => setHeight(event.target.value)} />
          </Label>
          <Label text="How high its lowest point sits, mm">
            <Input
              className="font-mono"
              inputMode="decimal"
              value={lift}
              onChange={(event) => {
                setLift(event.target.value);
                const next = Number(event.target.value.trim().replace(',', '.'));
                if (outline && Number.isFinite(next) && Math.abs(next) <= 100) onOutline({ ...outline, liftMm: next });
              }}
            />
          </Label>
        </div>
        <div className="flex flex-wrap gap-2">
          {SIDES.map(([side, words]) => (
            <Button
              key={side}
              disabled={isLoading || !(heightMm >= 0.5 && heightMm <= 100) || !Number.isFinite(liftMm) || (side !== 'front' && !outline)}
              onClick={() => chooseFile('image/svg+xml,.svg', (file) => void take(side, file))}
            >
              {outline?.[side] ? `${words}: another…` : `${words}…`}
            </Button>
          ))}
          {outline && (
            <Button tone="quiet" onClick={() => onOutline(null)}>
              Draw it by its shape again
            </Button>
          )}
        </div>
        {fault !== null && (
          <p role="alert" className="text-madder">
            {fault}
          </p>
        )}
      </div>
    </details>
  );
}
