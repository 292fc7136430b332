import { type Mergeable, MERGEABLE } from '@outfit/core';
import { useId, useState } from 'react';
import { useMergeEntriesMutation } from '@/api';
import { Button, Choice, Input, Label, sentenceOf, tell } from '@/ui';
import { useWorkspace } from '@/workspace';

const KIND_NAMES: Readonly<Record<Mergeable, string>> = { mould: 'moulds', colour: 'colours', print: 'prints', variant: 'parts' };

/** Two entries that are one and the same: the double goes, and whatever names it means the other from then on. */
export function MergeForm() {
  const { catalogue } = useWorkspace();
  const names = useId();
  const [mergeEntries, { isLoading }] = useMergeEntriesMutation();
  const [kind, setKind] = useState<Mergeable>('variant');
  const [double, setDouble] = useState('');
  const [kept, setKept] = useState('');
  const { variants, moulds, colours, prints } = catalogue.data;
  const ids = {
    variant: variants.filter((row) => !row.mergedInto).map((row) => row.id),
    mould: moulds.map((row) => row.number),
    colour: colours.map((row) => row.id),
    print: prints.map((row) => row.id),
  }[kind];
  const ready = ids.includes(double) && ids.includes(kept) && double !== kept;
  return (
    <form
      className="max-w-xl space-y-3"
      onSubmit={(event) => {
        event.preventDefault();
        mergeEntries({ mergeDto: { kind, double, kept } })
          .unwrap()
          .then(
            () => {
              tell.success(`${double} is ${kept} from now on. Looks, pieces and offers follow.`);
              setDouble('');
            },
            (error: unknown) => tell.error(sentenceOf(error)),
          );
      }}
    >
      <Label text="Two">
        <Choice<Mergeable> value={kind} options={MERGEABLE.map((value) => ({ value, label: KIND_NAMES[value] }))} onChoose={setKind} />
      </Label>
      <Label text="The double, which goes">
        <Input list={names} value={double} className="font-mono" onChange={(event) => setDouble(event.target.value)} />
      </Label>
      <Label text="The entry that stays">
        <Input list={names} value={kept} className="font-mono" onChange={(event) => setKept(event.target.value)} />
      </Label>
      <datalist id={names}>
        {ids.slice(0, 5000).map((id) => (
          <option key={id} value={id} />
        ))}
      </datalist>
      <p className="text-pencil text-[0.93rem]">
        Nothing is lost: what names the double is not rewritten, and the merge can be taken back under “What was changed”.
      </p>
      <Button tone="act" type="submit" disabled={!ready || isLoading}>
        Merge them
      </Button>
    </form>
  );
}
