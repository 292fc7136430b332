import { judge } from '@outfit/core';
import { Link } from 'react-router';
import { type FigureDto, useListReferencesQuery } from '@/api';
import { FigurePicture, UndoButtons } from '@/parts';
import { Empty, useAddress } from '@/ui';
import { chosenLookOf, ForFigure, useCompany, useOpen, useWorkspace, useUndo } from '@/workspace';
import { BriefFields } from './BriefFields';
import { NotSeen } from './NotSeen';
import { Pictures } from './pictures';
import { TwoBriefs } from './TwoBriefs';
import { useBriefDraft } from './useBriefDraft';
import { WishList } from './WishList';

const STATE_WORDS = { saved: 'Saved', saving: 'Saving…', refused: 'Not saved', elsewhere: 'Not saved' };

export function BriefPage() {
  const { figure } = useOpen();
  if (!figure) return <Empty title="There is no such figure" />;
  return (
    <ForFigure key={figure.id} figure={figure.id}>
      <Brief figure={figure} />
    </ForFigure>
  );
}

function Brief({ figure }: { readonly figure: FigureDto }) {
  const { catalogue, supply } = useWorkspace();
  const { brief, state, refusal, theirs, change, settle } = useBriefDraft(figure);
  const undoing = useUndo('figure', figure.id);
  const company = useCompany(figure);
  const [params, changeAddress] = useAddress();
  const { data: pictures = [] } = useListReferencesQuery({ id: figure.id });
  const showsPictures = params.get('show') === 'pictures';
  const look = chosenLookOf(figure);
  const { likeness, standing } = judge(look, brief, catalogue, catalogue.systemOf(brief), supply, company);
  const tab = (name: 'wanted' | 'pictures', label: string) => (
    <button
      type="button"
      role="tab"
      aria-selected={showsPictures === (name === 'pictures')}
      onClick={() =>
        changeAddress((next) => {
          if (name === 'pictures') next.set('show', 'pictures');
          else next.delete('show');
        })
      }
      className={`pb-1 text-[1.07rem] ${showsPictures === (name === 'pictures') ? 'font-head border-lagoon border-b-2 font-semibold' : 'text-pencil hover:text-ink'}`}
    >
      {label}
    </button>
  );
  return (
    <div className={`grid h-full ${showsPictures ? 'grid-cols-[18rem_minmax(0,1fr)]' : 'grid-cols-[18rem_minmax(0,1fr)_15rem]'}`}>
      <section aria-label="Who it is" className="border-rule bg-sheet overflow-auto border-r p-4">
        <div className="flex items-baseline justify-between">
          <h1 className="text-xl">Brief</h1>
          <UndoButtons undoing={undoing} />
          <span role="status" className={`text-[0.87rem] ${state === 'refused' || state === 'elsewhere' ? 'text-madder' : 'text-pencil'}`}>
            {STATE_WORDS[state]}
          </span>
        </div>
        {refusal !== null && <p className="text-madder mt-2 text-[0.93rem]">{refusal} What is on screen is kept until you mend it.</p>}
        {theirs && <TwoBriefs mine={brief} theirs={theirs} onSettle={settle} />}
        <BriefFields figure={figure} brief={brief} look={look} onChange={change} />
      </section>
      <div className="bg-sheet flex min-h-0 flex-col p-4">
        <div role="tablist" aria-label="Brief" className="mb-2 flex gap-5">
          {tab('wanted', 'Wanted')}
          {tab('pictures', pictures.length > 0 ? `Pictures (${pictures.length})` : 'Pictures')}
        </div>
        {showsPictures ? (
          <Pictures figure={figure} pictures={pictures} brief={brief} look={look} onChange={change} />
        ) : (
          <>
            <WishList features={brief.features} likeness={likeness} onChange={(features) => change({ features })} />
            <NotSeen areas={brief.notSeen} onChange={(notSeen) => change({ notSeen })} />
          </>
        )}
      </div>
      {!showsPictures && (
        <aside
          aria-label="The chosen look"
          className="border-rule flex flex-col items-center justify-end overflow-hidden border-l p-4 text-center"
        >
          <FigurePicture look={look} catalogue={catalogue} pxPerMm={8.2} label={`${brief.name}, the chosen look`} />
          <div className="border-ink w-full border-t-2 pt-2">
            <p>
              likeness <b className="font-mono text-lg">{likeness.shown ?? '–'}</b> of 100
            </p>
            <p className="text-pencil text-[0.93rem]">
              {look.parts.length === 0 ? 'nothing worn yet' : `stands ${standing.total.toFixed(1)} mm`}
            </p>
            {likeness.missing.length > 0 && (
              <p className="text-madder text-[0.93rem]">
                Still missing: {likeness.missing.map((feature) => feature.label.toLowerCase()).join(', ')}
              </p>
            )}
            <Link
              to={`/figures/${figure.id}/fitting`}
              className="bg-lagoon text-sheet rounded-cut mt-2 inline-block px-4 py-1.5 font-medium"
            >
              Go to the fitting
            </Link>
          </div>
        </aside>
      )}
    </div>
  );
}
