import { type Material, MATERIALS, type Mould, type MouldGeometry } from '@outfit/core';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import { MouldPicker } from '@/parts';
import { Button, Choice, Input, Label, plural } from '@/ui';
import { useWorkspace } from '@/workspace';
import { toMould } from '../paths';
import { ChangeKnown } from './ChangeKnown';
import { NothingYet } from '../NothingYet';
import { useKeepEntry } from '../useKeepEntry';

const LENGTHS: readonly (readonly [keyof MouldGeometry & ('heightMm' | 'riseMm' | 'thicknessMm' | 'massG'), string])[] = [
  ['heightMm', 'Adds to the height, mm'],
  ['riseMm', 'Rises above the head, mm'],
  ['thicknessMm', 'Thickness on the neck or waist, mm'],
  ['massG', 'Mass, g'],
];

const list = (text: string): string[] =>
  text
    .split(',')
    .map((word) => word.trim())
    .filter(Boolean);

/** A mould of one's own starts from one it is like, and keeps its place, drawing and covers. */
export function MouldForm() {
  const { catalogue } = useWorkspace();
  const [like, setLike] = useState(catalogue.data.moulds[0]?.number ?? '');
  if (!catalogue.hasMould(like)) return <NothingYet what="moulds" />;
  return (
    <>
      <div className="mb-3 max-w-md">
        <span className="text-pencil mb-0.5 block text-[0.87rem]">Like which mould</span>
        <MouldPicker label="Like which mould" value={like} onChoose={setLike} />
      </div>
      <MouldFields key={like} like={catalogue.mould(like)} />
    </>
  );
}

function MouldFields({ like }: { readonly like: Mould }) {
  const { catalogue } = useWorkspace();
  const navigate = useNavigate();
  const { saving, keep } = useKeepEntry();
  const [number, setNumber] = useState(like.number);
  const [name, setName] = useState(like.name);
  const [nicknames, setNicknames] = useState(like.nicknames.join(', '));
  const [words, setWords] = useState(like.shape.words.join(', '));
  const [material, setMaterial] = useState<Material>(like.material);
  const [note, setNote] = useState(like.revisionNote ?? '');
  const [thirdParty, setThirdParty] = useState(like.thirdParty);
  const [sizes, setSizes] = useState(() => Object.fromEntries(LENGTHS.map(([key]) => [key, String(like.geometry[key] ?? '')])));
  const known = catalogue.hasMould(number.trim());
  const [agreedFor, setAgreedFor] = useState('');
  const agreed = !known || agreedFor === number.trim();
  const wrong = LENGTHS.find(([key]) => sizes[key] !== '' && !(Number(sizes[key]) >= 0));
  const submit = (): void => {
    const { revisionNote: _, ...rest } = like;
    const measured = Object.fromEntries(LENGTHS.filter(([key]) => sizes[key] !== '').map(([key]) => [key, Number(sizes[key])]));
    const mould: Mould = {
      ...rest,
      number: number.trim(),
      name: name.trim(),
      nicknames: list(nicknames),
      material,
      thirdParty,
      ...(note.trim() === '' ? {} : { revisionNote: note.trim(), revision: known ? like.revision : like.revision + 1 }),
      shape: { ...like.shape, words: list(words) },
      geometry: { ...like.geometry, massG: like.geometry.massG, ...measured },
    };
    void keep('moulds', mould, known ? 'Mould changed.' : 'Mould added.').then((kept) => kept && navigate(toMould(mould.number)));
  };
  return (
    <form
      className="grid max-w-3xl grid-cols-2 gap-x-5 gap-y-3"
      onSubmit={(event) => {
        event.preventDefault();
        if (agreed) submit();
      }}
    >
      <Label text="Number (another one adds a mould)">
        <Input value={number} className="font-mono" onChange={(event) => setNumber(event.target.value)} />
      </Label>
      <Label text="Official name">
        <Input value={name} onChange={(event) => setName(event.target.value)} />
      </Label>
      <Label text="Nicknames, with commas">
        <Input value={nicknames} onChange={(event) => setNicknames(event.target.value)} />
      </Label>
      <Label text="Shape in words, with commas">
        <Input value={words} onChange={(event) => setWords(event.target.value)} />
      </Label>
      {LENGTHS.map(([key, text]) => (
        <Label key={key} text={text}>
          <Input
            inputMode="decimal"
            value={sizes[key] ?? ''}
            onChange={(event) => setSizes({ ...sizes, [key]: event.target.value.replace(',', '.') })}
          />
        </Label>
      ))}
      <Label text="Material">
        <Choice value={material} options={MATERIALS.map((value) => ({ value, label: value }))} onChoose={setMaterial} />
      </Label>
      <Label text="What a later revision changed">
        <Input value={note} onChange={(event) => setNote(event.target.value)} />
      </Label>
      <label className="flex items-center gap-1.5">
        <input type="checkbox" className="accent-lagoon" checked={thirdParty} onChange={(event) => setThirdParty(event.target.checked)} />
        From a third-party workshop
      </label>
      <div className="col-span-2">
        {wrong && <p className="text-madder">{wrong[1]}: not a number.</p>}
        {known && (
          <ChangeKnown
            name={`${number.trim()} ${catalogue.mould(number.trim()).name}`}
            uses={[`${plural(catalogue.variantsOf(number.trim()).length, 'part')} made in it`]}
            agreed={agreed}
            onAgree={(yes) => setAgreedFor(yes ? number.trim() : '')}
          />
        )}
        <Button tone="act" type="submit" disabled={saving || wrong !== undefined || number.trim() === '' || name.trim() === '' || !agreed}>
          {known ? `Change ${number.trim()}` : 'Add this mould'}
        </Button>
      </div>
    </form>
  );
}
