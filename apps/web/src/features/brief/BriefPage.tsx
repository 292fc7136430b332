import { AGE_BANDS, ALTERATION_SCHOOLS, judge, P40 } from '@outfit/core';
import { Link } from 'react-router';
import type { FigureDto } from '@/api';
import { chosenLookOf } from '@/app/workspace';
import { useOpen, useWorkspace } from '@/app/WorkspaceContext';
import { Empty } from '@/ui/Empty';
import { Choice, Input, Label } from '@/ui/Field';
import { FigurePicture } from '@/ui/FigurePicture';
import { ColourWishes } from './ColourWishes';
import { NotSeen } from './NotSeen';
import { useBriefDraft } from './useBriefDraft';
import { WishList } from './WishList';

const SCHOOL_WORDS: Record<(typeof ALTERATION_SCHOOLS)[number], string> = {
  'as moulded': 'as moulded: official parts, only recombined',
  altered: 'altered: cutting and erasing allowed',
  'open bench': 'open bench: third-party parts too',
  'on paper': 'on paper: imagined colours too',
};
const STATE_WORDS = { saved: 'Saved', saving: 'Saving…', refused: 'Not saved' };

export function BriefPage() {
  const { figure } = useOpen();
  if (!figure) return <Empty title="There is no such figure" />;
  return <Brief key={figure.id} figure={figure} />;
}

function Brief({ figure }: { readonly figure: FigureDto }) {
  const { catalogue, supply } = useWorkspace();
  const { brief, state, refusal, change } = useBriefDraft(figure);
  const look = chosenLookOf(figure);
  const { likeness, standing } = judge(look, brief, catalogue, P40, supply);
  return (
    <div className="grid h-full grid-cols-[18rem_minmax(0,1fr)_15rem]">
      <section aria-label="Who it is" className="border-rule bg-sheet space-y-3 overflow-auto border-r p-4">
        <div className="flex items-baseline justify-between">
          <h1 className="text-xl">Brief</h1>
          <span role="status" className={`text-[0.87rem] ${state === 'refused' ? 'text-madder' : 'text-pencil'}`}>
            {STATE_WORDS[state]}
          </span>
        </div>
        {refusal !== null && <p className="text-madder text-[0.93rem]">{refusal} What is on screen is kept until you mend it.</p>}
        <Label text="Name">
          <Input
            value={brief.name}
            maxLength={80}
            onChange={(event) => event.target.value !== '' && change({ name: event.target.value })}
          />
        </Label>
        <Label text="Story">
          <textarea
            className="border-rule bg-sheet rounded-cut w-full border px-2 py-1"
            rows={4}
            maxLength={2000}
            value={brief.story}
            onChange={(event) => change({ story: event.target.value })}
          />
        </Label>
        <Label text="Age, and the height it stands at">
          <Choice
            value={brief.ageBand}
            options={AGE_BANDS.map((band) => ({ value: band, label: `${band}, ${P40.bandHeightMm[band].toFixed(1)} mm` }))}
            onChoose={(ageBand) => change({ ageBand })}
          />
        </Label>
        <Label text="Alteration school">
          <Choice
            value={brief.alterationSchool}
            options={ALTERATION_SCHOOLS.map((school) => ({ value: school, label: SCHOOL_WORDS[school] }))}
            onChoose={(alterationSchool) => change({ alterationSchool })}
          />
        </Label>
        <Label text="Skin school">
          <Choice
            value={brief.skinSchool}
            options={[
              { value: 'natural', label: 'natural tones' },
              { value: 'house', label: 'one house tone for everybody' },
            ]}
            onChoose={(skinSchool) => change({ skinSchool })}
          />
        </Label>
        <ColourWishes colours={brief.colours} look={look} onChange={(colours) => change({ colours })} />
      </section>
      <div className="bg-sheet flex min-h-0 flex-col p-4">
        <WishList features={brief.features} likeness={likeness} onChange={(features) => change({ features })} />
        <NotSeen areas={brief.notSeen} onChange={(notSeen) => change({ notSeen })} />
      </div>
      <aside aria-label="The chosen look" className="border-rule flex flex-col items-center justify-end border-l p-4 text-center">
        <FigurePicture look={look} catalogue={catalogue} pxPerMm={8.2} label={`${brief.name}, the chosen look`} />
        <div className="border-ink w-full border-t-2 pt-2">
          <p>
            likeness <b className="font-mono text-lg">{Math.round(likeness.score)}</b> of 100
          </p>
          <p className="text-pencil text-[0.93rem]">stands {standing.total.toFixed(1)} mm</p>
          {likeness.missing.length > 0 && (
            <p className="text-madder text-[0.93rem]">
              Still missing: {likeness.missing.map((feature) => feature.label.toLowerCase()).join(', ')}
            </p>
          )}
          <Link to={`/figures/${figure.id}/fitting`} className="bg-lagoon text-sheet rounded-cut mt-2 inline-block px-4 py-1.5 font-medium">
            Go to the fitting
          </Link>
        </div>
      </aside>
    </div>
  );
}
