import { useSearchParams } from 'react-router';
import { useLatestErrandQuery, type FigureDto, type LookDto } from '@/api';
import { useOpen } from '@/app/WorkspaceContext';
import { Empty } from '@/ui/Empty';
import { ErrandForm } from './ErrandForm';
import { PlanView } from './PlanView';
import { useJobEvents } from './useJobEvents';

export function ErrandPage() {
  const { figure } = useOpen();
  const [params] = useSearchParams();
  const look =
    figure?.looks.find((row) => row.id === params.get('look')) ??
    figure?.looks.find((row) => row.id === figure.chosenLook) ??
    figure?.looks[0];
  if (!figure || !look) return <Empty title="There is no such figure" />;
  return <Errand key={figure.id} figure={figure} look={look} />;
}

function Errand({ figure, look }: { readonly figure: FigureDto; readonly look: LookDto }) {
  const { data: errands, isLoading } = useLatestErrandQuery({ figure: figure.id });
  const errand = errands?.[0];
  useJobEvents(figure.id, errand);
  return (
    <div className="grid h-full grid-cols-[18rem_minmax(0,1fr)] max-md:auto-rows-max max-md:grid-cols-[minmax(0,1fr)] max-md:overflow-auto">
      <ErrandForm figure={figure} look={look} />
      {errand ? (
        <PlanView errand={errand} lookName={figure.looks.find((row) => row.id === errand.look)?.name ?? 'a look that is gone'} />
      ) : (
        !isLoading && (
          <Empty title="No errand yet">
            <p>
              Say how many copies, and press “Plan the errand”. Outfit takes what you own first, then finds the cheapest parcels for the
              rest.
            </p>
          </Empty>
        )
      )}
    </div>
  );
}
