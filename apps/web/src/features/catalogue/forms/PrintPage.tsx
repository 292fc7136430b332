import { type Era, type Face, MOOD_NAMES, type MoodName, type PrintMotif } from '@outfit/core';
import { motifsOn, type Surface } from '@outfit/drawing';
import { ArrowDown, ArrowUp, X } from 'lucide-react';
import { useMemo, useState } from 'react';
import { Link, useNavigate, useParams } from 'react-router';
import { useSaveEntryMutation } from '@/api';
import { PartPicture } from '@/parts';
import { Button, Choice, Empty, Input, Label, sentenceOf, tell } from '@/ui';
import { useWorkspace } from '@/workspace';
import { CatalogueTabs } from '../CatalogueTabs';
import { Photographs } from '../pages';
import { homeOf, toPrint, toVariant } from '../paths';
import { ColourChoice } from './ColourChoice';
import { NothingYet } from '../NothingYet';
import {
  draftCatalogue,
  draftOf,
  emptyDraft,
  mouldFor,
  type PrintDraft,
  printOfDraft,
  SURFACES,
  usualColours,
  usualZones,
} from './printDraft';

/** A print, composed of motifs layer by layer and drawn as one goes; new ones at the address `new`. */
export function PrintPage() {
  const { catalogue } = useWorkspace();
  const { print: id = '' } = useParams();
  if (id !== 'new' && !catalogue.hasPrint(id)) return <Empty title="There is no such print">Compose one under Own entries.</Empty>;
  if (!mouldFor('torso', catalogue) || catalogue.data.colours.length === 0)
    return <NothingYet what="colours and a torso, head, arm or legs to print on" />;
  return <Composer key={id} id={id} />;
}

function Composer({ id }: { readonly id: string }) {
  const { catalogue } = useWorkspace();
  const navigate = useNavigate();
  const [save, { isLoading }] = useSaveEntryMutation();
  const isNew = id === 'new';
  const [draft, setDraft] = useState<PrintDraft>(() => {
    const known = catalogue.data.prints.find((print) => print.id === id);
    return known ? draftOf(known, catalogue) : emptyDraft('torso', catalogue);
  });
  const surface = SURFACES[draft.surface];
  const [face, setFace] = useState<Face>(surface.faces[0] ?? 'front');
  const change = (part: Partial<PrintDraft>): void => setDraft((now) => ({ ...now, ...part }));
  const layers = draft.motifs.map((motif, index) => ({ motif, index })).filter((row) => row.motif.face === face);
  const setLayer = (index: number, motif: PrintMotif): void =>
    change({ motifs: draft.motifs.map((row, i) => (i === index ? motif : row)) });
  const move = (index: number, by: -1 | 1): void => {
    const order = layers.map((row) => row.index);
    const other = order[order.indexOf(index) + by];
    const [a, b] = [draft.motifs[index], other === undefined ? undefined : draft.motifs[other]];
    if (a && b) change({ motifs: draft.motifs.map((row, i) => (i === index ? b : i === other ? a : row)) });
  };
  const add = (motif: string): void =>
    change({
      motifs: [
        ...draft.motifs,
        { motif, face, zones: usualZones(motif, draft.surface, catalogue), colours: usualColours(motif, catalogue) },
      ],
    });

  const keep = async (): Promise<void> => {
    const print = printOfDraft(draft);
    if (isNew && catalogue.hasPrint(print.id)) return void tell.error('There is a print of this name already. Give it another name.');
    try {
      await save({ saveEntryDto: { kind: 'prints', row: print } }).unwrap();
      tell.success('Print kept.');
      void navigate(toPrint(print.id), { replace: true });
    } catch (error) {
      tell.error(sentenceOf(error));
    }
  };
  const faceName = (one: Face): string => (draft.surface === 'head' && one === 'back' ? 'second face' : one);
  const ready = draft.name.trim() !== '' && draft.motifs.length > 0;
  return (
    <div className="mx-auto flex h-full max-w-6xl flex-col px-5 py-3">
      <CatalogueTabs />
      <div className="mt-3 grid min-h-0 flex-1 grid-cols-[22rem_minmax(0,1fr)_15rem] gap-5">
        <section aria-label="Layers" className="border-rule bg-sheet flex min-h-0 flex-col border">
          <div className="border-rule flex gap-1 border-b p-2">
            {surface.faces.map((one) => (
              <button
                key={one}
                type="button"
                aria-pressed={face === one}
                onClick={() => setFace(one)}
                className={`rounded-cut px-2.5 py-0.5 whitespace-nowrap first-letter:uppercase ${face === one ? 'bg-ink text-sheet' : 'hover:bg-paper'}`}
              >
                {faceName(one)}
              </button>
            ))}
            <Choice
              aria-label="Add a motif"
              className="!ml-auto !w-36"
              value=""
              options={[
                { value: '', label: 'Add a motif…' },
                ...motifsOn(draft.surface)
                  .filter((motif) => catalogue.data.motifs.some((row) => row.id === motif))
                  .map((motif) => ({ value: motif, label: catalogue.motifName(motif) }))
                  .sort((a, b) => (a.label < b.label ? -1 : 1)),
              ]}
              onChoose={(motif) => motif !== '' && add(motif)}
            />
          </div>
          <ol className="min-h-0 flex-1 overflow-auto" aria-label={`Motifs on the ${faceName(face)}`}>
            {layers.length === 0 && (
              <Empty title={`Nothing on the ${faceName(face)} yet`}>Add a motif; later ones lie over earlier ones.</Empty>
            )}
            {layers.map(({ motif, index }, place) => (
              <li key={index} className="border-rule flex items-start gap-1 border-b px-2.5 py-1.5">
                <div className="min-w-0 flex-1">
                  <p className="font-medium">{catalogue.motifName(motif.motif)}</p>
                  <p className="text-pencil text-[0.8rem]">{motif.zones.join(', ')}</p>
                  <div className="mt-1 flex flex-wrap gap-1.5">
                    {motif.colours.map((colour, i) => (
                      <ColourChoice
                        key={i}
                        label={`Colour ${i + 1} of ${catalogue.motifName(motif.motif)}`}
                        value={colour}
                        onChoose={(chosen) =>
                          setLayer(index, { ...motif, colours: motif.colours.map((other, j) => (j === i ? chosen : other)) })
                        }
                      />
                    ))}
                  </div>
                </div>
                <Button tone="quiet" className="!px-1" disabled={place === 0} aria-label="Lower" onClick={() => move(index, -1)}>
                  <ArrowUp size={15} strokeWidth={1.75} />
                </Button>
                <Button
                  tone="quiet"
                  className="!px-1"
                  disabled={place === layers.length - 1}
                  aria-label="Higher"
                  onClick={() => move(index, 1)}
                >
                  <ArrowDown size={15} strokeWidth={1.75} />
                </Button>
                <Button
                  tone="quiet"
                  className="!px-1"
                  aria-label={`Take off ${catalogue.motifName(motif.motif)}`}
                  onClick={() => change({ motifs: draft.motifs.filter((_, i) => i !== index) })}
                >
                  <X size={15} strokeWidth={1.75} />
                </Button>
              </li>
            ))}
          </ol>
        </section>
        <LiveDrawing draft={draft} />
        <div className="min-h-0 space-y-2.5 overflow-auto">
          <h1 className="text-xl leading-tight">{isNew ? 'Compose a print' : draft.name}</h1>
          {isNew && (
            <Label text="For">
              <Choice<Surface>
                value={draft.surface}
                options={(Object.keys(SURFACES) as Surface[])
                  .filter((value) => mouldFor(value, catalogue))
                  .map((value) => ({ value, label: SURFACES[value].name }))}
                onChoose={(value) => {
                  setDraft({ ...emptyDraft(value, catalogue), name: draft.name });
                  setFace(SURFACES[value].faces[0] ?? 'front');
                }}
              />
            </Label>
          )}
          <Label text="Name">
            <Input value={draft.name} onChange={(event) => change({ name: event.target.value })} />
          </Label>
          <Label text="Print era">
            <Choice<Era>
              value={draft.era}
              options={[
                { value: 'early', label: 'early, thin lines' },
                { value: 'late', label: 'late, fuller' },
              ]}
              onChoose={(era) => change({ era })}
            />
          </Label>
          {draft.surface === 'head' && (
            <>
              <MoodChoice text="Mood of the face" value={draft.mood} onChoose={(mood) => change({ mood })} />
              {draft.motifs.some((motif) => motif.face === 'back') && (
                <MoodChoice text="Mood of the second face" value={draft.secondMood} onChoose={(secondMood) => change({ secondMood })} />
              )}
            </>
          )}
          <div>
            <span className="text-pencil mb-0.5 block text-[0.87rem]">Shown on</span>
            <ColourChoice label="Colour it is shown on" value={draft.base} onChoose={(base) => change({ base })} />
          </div>
          <Button tone="act" disabled={!ready || isLoading} onClick={() => void keep()}>
            {isNew ? 'Keep this print' : 'Keep the changes'}
          </Button>
          {!ready && <p className="text-pencil text-[0.87rem]">It needs a name and at least one motif.</p>}
          {!isNew && <UsedOn id={id} />}
          {!isNew && <Photographs kind="print" item={id} />}
        </div>
      </div>
    </div>
  );
}

function MoodChoice(props: { readonly text: string; readonly value: MoodName | undefined; readonly onChoose: (mood: MoodName) => void }) {
  return (
    <Label text={props.text}>
      <Choice<MoodName>
        value={props.value ?? 'calm'}
        options={MOOD_NAMES.map((value) => ({ value, label: value }))}
        onChoose={props.onChoose}
      />
    </Label>
  );
}

/** The draft as it would be drawn anywhere else, from both sides. */
function LiveDrawing({ draft }: { readonly draft: PrintDraft }) {
  const { catalogue } = useWorkspace();
  const mould = mouldFor(draft.surface, catalogue)?.number ?? '';
  const drawn = useMemo(() => draftCatalogue(draft, mould, catalogue), [draft, mould, catalogue]);
  const { position, faces } = SURFACES[draft.surface];
  const views = faces.length > 1 ? (['front', 'back'] as const) : (['front'] as const);
  const sides = (['left', 'right'] as const).slice(0, draft.surface === 'arm' ? 1 : 2);
  return (
    <section aria-label="Drawing" className="dotted border-rule flex min-h-0 flex-col items-center justify-center gap-3 border p-3">
      <div className="flex flex-wrap justify-center gap-3">
        {views.map((view) => (
          <figure key={view} className="text-center">
            <PartPicture variant={drawn.variant} position={position} catalogue={drawn.catalogue} size={198} tacked={false} view={view} />
            <figcaption className="text-pencil text-[0.87rem]">
              {draft.surface === 'head' && view === 'back' ? 'second face' : view}
            </figcaption>
          </figure>
        ))}
      </div>
      <div className="flex gap-3">
        {sides.map((view) => (
          <figure key={view} className="text-center">
            <PartPicture variant={drawn.variant} position={position} catalogue={drawn.catalogue} size={128} tacked={false} view={view} />
            <figcaption className="text-pencil text-[0.87rem]">{view}</figcaption>
          </figure>
        ))}
      </div>
    </section>
  );
}

const MOST_USES = 8;

function UsedOn({ id }: { readonly id: string }) {
  const { catalogue } = useWorkspace();
  const uses = catalogue.data.variants.filter((variant) => variant.print === id && !variant.mergedInto);
  return (
    <section aria-label="Parts with this print">
      <h2 className="text-[1.07rem]">Parts with this print</h2>
      {uses.length === 0 && (
        <p className="text-pencil text-[0.87rem]">
          None yet.{' '}
          <Link to={`/catalogue/own?do=part&print=${encodeURIComponent(id)}`} className="text-lagoon underline">
            Add a part with it
          </Link>
          .
        </p>
      )}
      <ul className="mt-1 grid grid-cols-4 gap-1">
        {uses.slice(0, MOST_USES).map((variant) => (
          <li key={variant.id}>
            <Link to={toVariant(variant.id)} aria-label={catalogue.nameOf(variant)}>
              <PartPicture variant={variant} position={homeOf(variant, catalogue)} catalogue={catalogue} size={50} tacked={!variant.made} />
            </Link>
          </li>
        ))}
      </ul>
    </section>
  );
}
