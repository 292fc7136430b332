import { useMemo, useState } from 'react';
import { useNavigate } from 'react-router';
import { type BeginningDto, useCreateFigureMutation } from '@/api';
import { FigurePicture, OfficialPicker, PartPicture, SmallPart } from '@/parts';
import { Button, Input, Label, type Pick, Picker, sentenceOf, Sheet, tell, useAddress } from '@/ui';
import { useNames, useWorkspace } from '@/workspace';

/** What a figure may be started from; for a picture its brief is opened where pictures are looked at. */
type Beginning = BeginningDto['kind'] | 'picture';

const BEGINNINGS: readonly (readonly [kind: Beginning, title: string, about: string])[] = [
  ['nothing', 'Nothing', 'An empty brief and an empty look.'],
  ['picture', 'A picture', 'Its colours are picked, and the parts that exist in them stand beside it.'],
  ['official', 'An official figure, to make it better', 'Its own features become wishes, its parts the first look.'],
  ['figure', 'A copy of a figure', 'Its brief and its chosen look, to go on from.'],
  ['part', 'A part that is left over', 'Something you own, put where it goes.'],
];

const isBeginning = (text: string | null): text is Beginning => BEGINNINGS.some(([kind]) => kind === text);

/** A new figure for a line-up, started from whatever there is. That it is being started, and from what, is in the address. */
export function NewFigure({ lineUp }: { readonly lineUp: string }) {
  const [params, change] = useAddress();
  const asked = params.get('new');
  const open = isBeginning(asked);
  const setOpen = (isOpen: boolean): void =>
    change((next) => (isOpen ? next.set('new', 'nothing') : ['new', 'part'].forEach((key) => next.delete(key))));
  return (
    <Sheet
      title="A new figure"
      wide
      open={open}
      onOpenChange={setOpen}
      trigger={
        <Button tone="act" className="ml-auto">
          New figure…
        </Button>
      }
    >
      {open && <Start lineUp={lineUp} from={asked} part={params.get('part') ?? ''} />}
    </Sheet>
  );
}

/** @param part the part that is chosen already, when it starts from one */
function Start({ lineUp, from: first, part: given }: { readonly lineUp: string; readonly from: Beginning; readonly part: string }) {
  const { catalogue, owned } = useWorkspace();
  const lineUps = useNames();
  const [kind, setKind] = useState<Beginning>(first);
  const [id, setId] = useState(first === 'part' ? given : '');
  const [name, setName] = useState('');
  const [create, { isLoading }] = useCreateFigureMutation();
  const navigate = useNavigate();
  const options = useMemo((): readonly Pick[] => {
    if (kind === 'figure')
      return lineUps.flatMap((row) => row.figures.map((figure) => ({ value: figure.id, text: figure.name, more: row.name })));
    if (kind === 'part')
      return owned
        .variants()
        .map((value) => ({ value, text: catalogue.nameOf(catalogue.variant(value)) }))
        .sort((a, b) => a.text.localeCompare(b.text));
    return [];
  }, [kind, catalogue, lineUps, owned]);
  const official = kind === 'official' ? catalogue.data.officialFigures.find((row) => row.id === id) : undefined;
  const part = kind === 'part' && catalogue.has(id) ? catalogue.variant(id) : undefined;
  const partPosition = part && catalogue.mouldOf(part).fills[0]?.[0];
  const isEmpty = kind === 'nothing' || kind === 'picture';
  const ready = name.trim() !== '' && (isEmpty || id !== '');
  const choose = (value: string): void => {
    setId(value);
    const figure = catalogue.data.officialFigures.find((row) => row.id === value);
    if (figure && name === '') setName(figure.person ?? figure.name);
  };
  const submit = async (): Promise<void> => {
    try {
      const from = kind === 'nothing' || kind === 'picture' ? { kind: 'nothing' as const } : { kind, id };
      const figure = await create({ newFigureDto: { name: name.trim(), lineUp, from } }).unwrap();
      const pictures = kind === 'picture' ? '?show=pictures' : '';
      void navigate(isEmpty ? `/figures/${figure.id}/brief${pictures}` : `/figures/${figure.id}/fitting`);
    } catch (error) {
      tell.error(sentenceOf(error));
    }
  };
  return (
    <form
      className="mt-3 grid grid-cols-[1fr_9rem] gap-4"
      onSubmit={(event) => {
        event.preventDefault();
        void submit();
      }}
    >
      <div className="space-y-3">
        <fieldset className="space-y-1">
          <legend className="text-pencil mb-1 text-[0.87rem]">Start from</legend>
          {BEGINNINGS.map(([value, title, about]) => (
            <label key={value} className="flex cursor-pointer items-baseline gap-2">
              <input
                type="radio"
                name="beginning"
                className="accent-lagoon"
                checked={kind === value}
                onChange={() => {
                  setKind(value);
                  setId('');
                }}
              />
              <span>
                {title} <span className="text-pencil block text-[0.87rem]">{about}</span>
              </span>
            </label>
          ))}
        </fieldset>
        {!isEmpty && (
          <div>
            <span className="text-pencil mb-0.5 block text-[0.87rem]">Which</span>
            {kind === 'official' && <OfficialPicker label="Which" value={id} onChoose={choose} />}
            {kind === 'part' && (
              <Picker
                label="Which"
                value={id}
                options={options}
                picture={(option) => <SmallPart variant={catalogue.variant(option.value)} />}
                onChoose={choose}
              />
            )}
            {kind === 'figure' && <Picker label="Which" value={id} options={options} onChoose={choose} />}
          </div>
        )}
        <Label text="Name of the new figure">
          <Input value={name} maxLength={80} onChange={(event) => setName(event.target.value)} />
        </Label>
        <Button type="submit" tone="act" disabled={!ready || isLoading}>
          Add to the line-up
        </Button>
      </div>
      <div className="dotted flex items-end justify-center">
        {official && (
          <FigurePicture look={{ parts: official.parts, overrules: [] }} catalogue={catalogue} pxPerMm={5.6} label={official.name} />
        )}
        {part && partPosition && <PartPicture variant={part} position={partPosition} catalogue={catalogue} size={136} tacked={false} />}
      </div>
    </form>
  );
}
