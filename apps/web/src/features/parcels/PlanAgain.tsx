import { useNavigate } from 'react-router';
import { usePlanErrandMutation, useReadErrandQuery } from '@/api';
import { attempt, Button } from '@/ui';
import { useNames } from '@/workspace';

/** Plans the errand a parcel was ordered for once more, under the same rules: what came is owned by now, what does not come is to buy. */
export function PlanAgain({ errand: id }: { readonly errand: string }) {
  const { data: errand } = useReadErrandQuery({ id });
  const [plan, { isLoading }] = usePlanErrandMutation();
  const names = useNames();
  const navigate = useNavigate();
  if (!errand) return null;
  const { scope, settings, adjustments } = errand;
  const lines = errand.lines.map(({ look, copies, group }) => ({ look, copies, group }));
  const again = async (): Promise<void> => {
    const made = await attempt(plan({ newErrandDto: { ...settings, scope, lines, adjustments } }).unwrap());
    if (!made) return;
    const isLineUp = names.some((lineUp) => lineUp.id === scope);
    const isFigure = names.some((lineUp) => lineUp.figures.some((figure) => figure.id === scope));
    void navigate(isLineUp ? `/line-ups/${scope}/errand` : isFigure ? `/figures/${scope}/errand` : '/wardrobe/errand');
  };
  return (
    <Button disabled={isLoading} onClick={() => void again()}>
      Plan the rest again
    </Button>
  );
}
