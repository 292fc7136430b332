import { useNavigate } from 'react-router';
import {
  type ErrandDto,
  type LookDto,
  type LookEditDto,
  type SeriesPointDto,
  useAddLookMutation,
  useBinLookMutation,
  useEditLookMutation,
} from '@/api';
import { attempt } from '@/ui';
import { useFigure } from '@/workspace';

/** Puts on what a version swaps: each part as often as the version swaps it. */
function editsFor({ parts }: LookDto, swaps: SeriesPointDto['swaps']): LookEditDto[] {
  const left = swaps.map((swap) => ({ ...swap }));
  return parts.flatMap(({ position, place, variant }): LookEditDto[] => {
    const swap = left.find((row) => row.variant === variant && row.quantity > 0);
    if (!swap) return [];
    swap.quantity -= 1;
    return [{ action: 'put on', position, variant: swap.substitute, ...(place !== undefined && { place }) }];
  });
}

/** Makes a cheaper version a look of its own beside the one it was found for, and goes on to its errand. */
export function useVersionAsLook({ lines }: ErrandDto): { readonly isBusy: boolean; take(version: SeriesPointDto): Promise<void> } {
  const [line] = lines;
  const figure = useFigure(line?.figure ?? '');
  const [add, adding] = useAddLookMutation();
  const [edit, editing] = useEditLookMutation();
  const [bin] = useBinLookMutation();
  const navigate = useNavigate();
  const take = async ({ swaps, likeness }: SeriesPointDto): Promise<void> => {
    const model = figure?.looks.find((row) => row.id === line?.look);
    if (!figure || !model) return;
    const known = new Set(figure.looks.map((look) => look.id));
    const name = `${model.name}, cheaper`.slice(0, 60);
    const made = await attempt(add({ id: figure.id, newLookDto: { name, copyOf: model.id } }).unwrap());
    const look = made?.looks.find((row) => !known.has(row.id));
    if (!look) return;
    const label = `Wore the cheaper version of likeness ${Math.round(likeness ?? 0)}`;
    if (await attempt(edit({ id: look.id, editLookDto: { edits: editsFor(look, swaps), label } }).unwrap()))
      void navigate(`?look=${look.id}`);
    // A copy that could not be changed is nothing anybody asked for.
    else await attempt(bin({ id: look.id }).unwrap());
  };
  return { isBusy: adding.isLoading || editing.isLoading, take };
}
