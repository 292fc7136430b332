import { ageOf, type Judgement, type Likeness, nearestWornTo, readDifference, money } from '@outfit/core';
import type { FigureDto, LookDto } from '@/api';
import { AnswerMark, Swatch, Why } from '@/parts';
import { longDay, plural } from '@/ui';
import { toBuyOf, useStandingPlans, useWorkspace } from '@/workspace';
import type { LookEdits } from '../looks';
import { BestChange } from './BestChange';
import { MarkList } from './MarkList';
import { Notices } from './Notices';
import { VerdictBox } from './VerdictBox';

interface JudgementPanelProps {
  readonly figure: FigureDto;
  readonly look: LookDto;
  readonly judgement: Judgement;
  readonly edits: LookEdits;
  readonly onOpenLook: (look: string) => void;
}

/** What holds a likeness below the sum of its wishes; null when nothing does. */
function heldWords({ missing, score, shown, uncapped }: Likeness): string | null {
  if (shown === null || score >= uncapped) return null;
  return missing.length > 0 ? 'held at 60: a must is missing' : 'held at 90: something is lacking';
}

/** The brief in short, and what Outfit makes of the look: likeness, measures, marks. */
export function JudgementPanel({ figure, look, judgement, edits, onOpenLook }: JudgementPanelProps) {
  const { catalogue, currency } = useWorkspace();
  const { likeness, marks, standing, overall, cost, school, scheme } = judgement;
  const age = ageOf({ ...figure.brief, year: look.variation?.year ?? figure.brief.year });
  const { brief } = figure;
  const { pieces, minor, isPlanned } = toBuyOf(useStandingPlans(figure.lineUp), figure, look, cost);
  const overBudget = brief.budgetMinor !== null && minor > brief.budgetMinor;
  const occasion = [
    brief.dueOn === null ? '' : `wanted by ${longDay(brief.dueOn)}`,
    brief.requester === '' ? '' : `for ${brief.requester}`,
    brief.credit === '' ? '' : brief.credit,
  ].filter(Boolean);
  const points = (value: number): string => value.toFixed(1);
  const held = heldWords(likeness);
  return (
    <section aria-label="Judgement" className="border-rule bg-sheet overflow-auto border-r px-4 py-3.5">
      <div className="flex items-baseline justify-between gap-2">
        <h1 className="text-[1.45rem] leading-tight">{figure.brief.name}</h1>
        <span role="status" className="text-pencil text-[0.83rem]">
          {edits.saving ? 'Saving…' : 'Saved'}
        </span>
      </div>
      <p className="text-pencil text-[0.93rem]">
        {[figure.role, age === null ? figure.brief.ageBand : `${age} years old`].filter(Boolean).join(', ')}
      </p>
      {occasion.length > 0 && <p className="text-pencil text-[0.87rem]">{occasion.join('; ')}</p>}
      <Notices figure={figure.id} />
      <div className="mt-3 flex items-end gap-2.5">
        <Why
          title="Likeness"
          className="text-[2.6rem] leading-none"
          terms={likeness.answers.map((answer) => ({
            label: `${answer.feature.label} (${answer.feature.weight}, of ${answer.most})`,
            value: answer.points,
          }))}
          format={points}
          total={
            likeness.answers.length === 0
              ? 'nothing is wished for'
              : `${points(likeness.answers.reduce((all, answer) => all + answer.points, 0))} of ${likeness.answers.reduce((all, answer) => all + answer.most, 0)} = ${likeness.uncapped.toFixed(1)}`
          }
          {...(held === null ? {} : { note: `It is ${held}.` })}
        >
          <span data-testid="likeness">{likeness.shown ?? '–'}</span>
        </Why>
        <div className="pb-0.5">
          <p className="leading-tight">{likeness.answers.length === 0 ? 'likeness: no wish yet' : 'likeness of 100'}</p>
          {held !== null && <p className="text-pencil text-[0.8rem]">{held}</p>}
        </div>
      </div>

      <dl className="mt-3 grid grid-cols-[auto_1fr] gap-x-3 gap-y-0.5 text-[0.93rem]">
        <dt className="text-pencil">Stands</dt>
        <dd>
          <Why
            title="Standing height"
            terms={standing.terms}
            format={(value) => value.toFixed(1)}
            total={`${standing.total.toFixed(1)} mm`}
            note={`With headgear and what lies round the neck ${overall.total.toFixed(1)} mm.`}
          >
            <span data-testid="height">{standing.total.toFixed(1)} mm</span>
          </Why>
        </dd>
        <dt className="text-pencil">To buy</dt>
        <dd>
          <Why
            title="What has to be bought, landed"
            terms={cost.toPay.terms}
            format={(value) => money(value, currency)}
            total={money(cost.toPay.total, currency)}
            note={`${isPlanned ? `The plan pays ${money(minor, currency)} for ${plural(pieces, 'piece')}. Part by part, without it: ` : ''}Price and a fifth of the seller's postage. Of ${look.parts.length * brief.copies} pieces ${cost.owned} are owned and promised here${cost.offDonors > 0 ? `, ${cost.offDonors} come off whole figures` : ''}.${cost.unsold.length > 0 ? ` Nobody sells ${cost.unsold.join(', ')}.` : ''}`}
          >
            <span data-testid="to-buy">
              {pieces === 0 ? 'nothing' : `${pieces}, ${isPlanned ? 'planned' : 'about'} ${money(minor, currency)}`}
              {cost.unsold.length > 0 && `, ${cost.unsold.length} unsold`}
            </span>
          </Why>
        </dd>
        {cost.offDonors > 0 && (
          <>
            <dt className="text-pencil">Off donors</dt>
            <dd data-testid="off-donors">{cost.offDonors}</dd>
          </>
        )}
        {overBudget && brief.budgetMinor !== null && (
          <>
            <dt className="text-pencil">Budget</dt>
            <dd className="text-saffron">
              over {money(brief.budgetMinor, currency)}
              {brief.copies > 1 && ` for ${brief.copies} copies`}
            </dd>
          </>
        )}
        <dt className="text-pencil">School</dt>
        <dd>
          <Why
            title="The strictest school it satisfies"
            className="!font-sans"
            terms={[]}
            format={points}
            note={
              school.reasons.length === 0
                ? 'As moulded, the strictest there is: official parts, only recombined.'
                : `Not a stricter one, because of ${school.reasons.join('; ')}.`
            }
          >
            {school.school}
          </Why>
        </dd>
        <dt className="text-pencil">Colours</dt>
        <dd>
          <Why
            title="Main colours, by what is seen"
            className="!font-sans"
            terms={scheme.clusters.map((cluster) => ({
              label: `${cluster.colours.map(({ colour }) => colour.name).join(' with ')}${cluster === scheme.accent ? ', the accent' : ''}`,
              value: cluster.share * 100,
            }))}
            format={(value) => `${Math.round(value)} %`}
            note="Skin and metal apart, under 4 % dropped, alike colours together. The rule of thumb is three and an accent."
          >
            {scheme.clusters.length - (scheme.accent ? 1 : 0)} main{scheme.accent ? ' and an accent' : ''}
          </Why>
        </dd>
      </dl>

      {look.verdict?.leave && (
        <p className="border-moss bg-paper mt-2 border-l-[3px] px-2.5 py-1.5 text-[0.93rem]">You decided to leave it as it is.</p>
      )}
      {figure.chosenLook !== look.id && (
        <button type="button" className="text-lagoon mt-2 text-[0.87rem] underline" onClick={() => onOpenLook(figure.chosenLook)}>
          To the chosen look
        </button>
      )}

      <MarkList marks={marks} isEmpty={look.parts.length === 0} edits={edits} />

      <h2 className="text-pencil mt-4 font-sans text-[0.93rem] font-semibold">Wanted</h2>
      <ul>
        {likeness.answers.map((answer) => (
          <li key={answer.feature.id} className="border-rule flex items-baseline gap-2 border-b py-0.5 text-[0.93rem]">
            <AnswerMark answer={answer} />
            <span className="flex-1 leading-snug">
              {answer.feature.label} <span className="text-pencil text-[0.8rem]">{answer.feature.weight}</span>
            </span>
            <Why
              title={answer.feature.label}
              terms={[{ label: answer.why, value: answer.points }]}
              format={points}
              note={`Answered ${Math.round(answer.s * 100)} % of ${answer.most} points.`}
              className="text-[0.93rem]"
            >
              {points(answer.points)}
            </Why>
          </li>
        ))}
      </ul>
      <BestChange figure={figure} look={look} judgement={judgement} edits={edits} />

      {figure.brief.colours.length > 0 && (
        <>
          <h2 className="text-pencil mt-4 mb-1 font-sans text-[0.93rem] font-semibold">Colours</h2>
          <ul className="space-y-1">
            {figure.brief.colours.map((id) => {
              const near = nearestWornTo(catalogue.colour(id), look, catalogue);
              return (
                <li key={id}>
                  <Swatch
                    colour={catalogue.colour(id)}
                    size="large"
                    reading={
                      near ? `${readDifference(near.deltaE)}${near.deltaE < 2.3 ? '' : `, ${near.deltaE.toFixed(1)}`}` : 'nothing worn'
                    }
                  />
                </li>
              );
            })}
          </ul>
        </>
      )}
      <VerdictBox look={look} edits={edits} />
    </section>
  );
}
