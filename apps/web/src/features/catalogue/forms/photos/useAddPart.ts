import { type Certainty, type Print, type Variant } from '@outfit/core';
import { useState } from 'react';
import { type StackedPhotographDto, useAddPhotographMutation, useAddPiecesMutation, useTakeOffStackMutation } from '@/api';
import { sentenceOf, tell } from '@/ui';
import { useWorkspace } from '@/workspace';
import { useKeepEntry } from '../../useKeepEntry';
import { catalogueWith } from '../printDraft';
import { type Cut, cutOut } from './cut';

interface From {
  readonly source: string;
  readonly certainty: Certainty;
}

/** What is known of a part beside its look. */
interface Found {
  /** A print that was marked on the map, to be kept first. */
  readonly print: Print | null;
  readonly year: number;
  readonly quantity: number;
  readonly from: From | null;
}

/** Adds the part, its pieces, where it is from and its photograph; the photograph leaves the stack last, so nothing is lost on the way. */
export function useAddPart({
  photograph,
  url,
  cut,
}: {
  readonly photograph: StackedPhotographDto;
  readonly url: string;
  readonly cut: Cut;
}) {
  const { catalogue } = useWorkspace();
  const { keep } = useKeepEntry();
  const [addPieces] = useAddPiecesMutation();
  const [addPhotograph] = useAddPhotographMutation();
  const [takeOff] = useTakeOffStackMutation();
  const [isBusy, setBusy] = useState(false);
  const part = async (variant: Variant, { print, year, quantity, from }: Found): Promise<void> => {
    setBusy(true);
    try {
      if (print && !catalogue.hasPrint(print.id) && !(await keep('prints', print, `The print ${print.name} is kept.`))) return;
      const isNew = !catalogue.has(variant.id);
      if (
        isNew &&
        !(await keep(
          'variants',
          { ...variant, made: { from: year, until: year } },
          `${catalogueWith(variant, { data: { ...catalogue.data, prints: print ? [print] : catalogue.data.prints } }).nameOf(variant)} added.`,
        ))
      )
        return;
      const source = from && catalogue.data.sources.find((row) => row.id === from.source);
      if (source && from && !source.yields.some((row) => row.item === variant.id)) {
        const yields = [...source.yields, { kind: 'variant' as const, item: variant.id, quantity: 1, certainty: from.certainty }];
        if (!(await keep('sources', { ...source, yields }, `${source.name} yields it.`))) return;
      }
      if (quantity > 0) await addPieces({ newPiecesDto: { variant: variant.id, quantity, condition: 'used' } }).unwrap();
      await addPhotograph({ kind: 'variant', item: variant.id, face: 'front', body: await cutOut(url, cut) }).unwrap();
      await takeOff({ id: photograph.id }).unwrap();
    } catch (error) {
      tell.error(sentenceOf(error));
    } finally {
      setBusy(false);
    }
  };
  return { isBusy, part };
}
