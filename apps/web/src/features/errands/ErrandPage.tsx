import { type ErrandDto, useLatestErrandQuery, useReadErrandQuery } from '@/api';
import { Empty, useAddress } from '@/ui';
import { useOpen, useWorkspace } from '@/workspace';
import { EarlierErrands } from './EarlierErrands';
import { type DraftLine, ErrandForm, isOutdated, linesFrom, sparesLine, useErrandForm } from './form';
import { PlanView } from './plan';
import { useErrandEvents } from './useErrandEvents';
import { useReplanning, asAsked } from './useReplanning';

/** An errand for one figure, or for a whole line-up and whoever else is added to it. */
export function ErrandPage() {
  const { figure, lineUp } = useOpen();
  const [params] = useAddress();
  const [look, errand] = [params.get('look'), params.get('errand')];
  if (figure)
    return <Errand key={figure.id} scope={figure.id} title={figure.brief.name} begin={linesFrom([figure], look)} earlier={errand} />;
  if (lineUp)
    return (
      <Errand
        key={lineUp.id}
        scope={lineUp.id}
        title={lineUp.name}
        begin={[...linesFrom(lineUp.figures, null), ...sparesLine(lineUp)]}
        earlier={errand}
      />
    );
  return <Empty title="There is no such figure" />;
}

interface ErrandProps {
  readonly scope: string;
  readonly title: string;
  readonly begin: readonly DraftLine[];
  /** An earlier errand that was opened again. */
  readonly earlier: string | null;
}

function Errand({ scope, title, begin, earlier }: ErrandProps) {
  const { data: errands, isLoading } = useLatestErrandQuery({ scope });
  const { data: opened } = useReadErrandQuery({ id: earlier ?? '' }, { skip: earlier === null });
  const [newest, before] = errands ?? [];
  const again = earlier !== null && opened && opened.id !== newest?.id ? opened : undefined;
  const errand = again ?? newest;
  useErrandEvents(scope, newest);
  const { asked, isBusy, error, plan, replan } = useReplanning(scope, errand);
  // Until the new plan is there, the one before stands on the screen: what is adjusted on it is adjusted on the new one.
  const old = !again && newest && !newest.job.result && before ? before : undefined;
  const shown = old ?? errand;
  const { currency } = useWorkspace();
  const [params] = useAddress();
  // Another look of the figure has a form of its own.
  const form = useErrandForm([scope, params.get('look') ?? ''].join(' '), begin, errand?.settings);
  return (
    <div className="grid h-full grid-cols-[18rem_minmax(0,1fr)] max-md:auto-rows-max max-md:grid-cols-[minmax(0,1fr)] max-md:overflow-auto">
      <ErrandForm
        title={title}
        form={form}
        error={error}
        isBusy={isBusy}
        onPlan={({ lines, settings }) =>
          plan({
            ...settings,
            scope,
            lines,
            ...(errand && sameLooks(errand, lines) ? { adjustments: asked?.adjustments ?? errand.adjustments } : {}),
          })
        }
      >
        <EarlierErrands scope={scope} open={errand?.id ?? null} />
      </ErrandForm>
      {shown && errand ? (
        <PlanView
          errand={{ ...asAsked(shown, asked), ...(old && newest && !asked ? { adjustments: newest.adjustments } : {}) }}
          making={old || asked ? (newest ?? null) : null}
          earlier={again !== undefined}
          isOutdated={!again && !old && !asked && isOutdated(shown, form.asks, currency)}
          onReplan={(adjustments, settings) => {
            // What is settled on the plan is a rule of the trip from now on: the form shows it.
            if (settings) form.setRules(null);
            replan(adjustments, settings);
          }}
        />
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
