import { toast } from 'sonner';
import {
  type AdjustmentsDto,
  type ErrandDto,
  type FigureDto,
  type NewErrandDto,
  useLatestErrandQuery,
  usePlanErrandMutation,
  webApi,
} from '@/api';
import { Empty, sentenceOf, useAddress } from '@/ui';
import { useAppDispatch, useOpen } from '@/workspace';
import { ErrandForm, linesFrom } from './form';
import { PlanView } from './plan';
import { useErrandEvents } from './useErrandEvents';

/** An errand for one figure, or for a whole line-up and whoever else is added to it. */
export function ErrandPage() {
  const { figure, lineUp } = useOpen();
  const [params] = useAddress();
  if (figure) return <Errand key={figure.id} scope={figure.id} title={figure.brief.name} figures={[figure]} look={params.get('look')} />;
  if (lineUp) return <Errand key={lineUp.id} scope={lineUp.id} title={lineUp.name} figures={lineUp.figures} look={null} />;
  return <Empty title="There is no such figure" />;
}

interface ErrandProps {
  readonly scope: string;
  readonly title: string;
  readonly figures: readonly FigureDto[];
  readonly look: string | null;
}

function Errand({ scope, title, figures, look }: ErrandProps) {
  const dispatch = useAppDispatch();
  const { data: errands, isLoading } = useLatestErrandQuery({ scope });
  const [plan, planning] = usePlanErrandMutation();
  const errand = errands?.[0];
  useErrandEvents(scope, errand);

  const submit = async (newErrandDto: NewErrandDto): Promise<void> => {
    const made = await plan({ newErrandDto });
    if (made.data) dispatch(webApi.util.upsertQueryData('latestErrand', { scope }, [made.data]));
  };
  /** Plans the same errand again with something adjusted, or under another rule. */
  const replan = async (of: ErrandDto, adjustments: AdjustmentsDto, settings: Partial<NewErrandDto> = {}): Promise<void> => {
    const lines = of.lines.map(({ look: id, copies, group }) => ({ look: id, copies, group }));
    const made = await plan({ newErrandDto: { ...of.settings, ...settings, scope, lines, adjustments } });
    if (made.data) dispatch(webApi.util.upsertQueryData('latestErrand', { scope }, [made.data]));
    else toast.error(sentenceOf(made.error));
  };
  return (
    <div className="grid h-full grid-cols-[18rem_minmax(0,1fr)] max-md:auto-rows-max max-md:grid-cols-[minmax(0,1fr)] max-md:overflow-auto">
      <ErrandForm
        title={title}
        begin={linesFrom(figures, look)}
        lastSettings={errand?.settings}
        error={planning.error}
        isBusy={planning.isLoading}
        onPlan={(lines, settings) =>
          void submit({ ...settings, scope, lines, ...(errand && sameLooks(errand, lines) ? { adjustments: errand.adjustments } : {}) })
        }
      />
      {errand ? (
        <PlanView errand={errand} onReplan={(adjustments, settings) => void replan(errand, adjustments, settings)} />
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

/** What was adjusted on a plan holds for the same looks, whatever the copies and rules. */
const sameLooks = (errand: ErrandDto, lines: readonly { readonly look: string }[]): boolean =>
  errand.lines.length === lines.length && errand.lines.every((line, i) => line.look === lines[i]?.look);
