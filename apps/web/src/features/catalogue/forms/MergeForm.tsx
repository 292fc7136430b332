import { type Mergeable, MERGEABLE } from '@outfit/core';
import { useState } from 'react';
import { useMergeEntriesMutation } from '@/api';
import { ColourPicker, MouldPicker, PartPicker } from '@/parts';
import { Button, Choice, Label, Picker, sentenceOf, tell } from '@/ui';
import { useWorkspace } from '@/workspace';

const KIND_NAMES: Readonly<Record<Mergeable, string>> = { mould: 'moulds', colour: 'colours', print: 'prints', variant: 'parts' };

/** Two entries that are one and the same: the double goes, and whatever names it means the other from then on. */
export function MergeForm() {
  const [mergeEntries, { isLoading }] = useMergeEntriesMutation();
  const [kind, setKind] = useState<Mergeable>('variant');
  const [double, setDouble] = useState('');
  const [kept, setKept] = useState('');
  const ready = double !== '' && kept !== '' && double !== kept;
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
        <Choice<Mergeable>
          value={kind}
          options={MERGEABLE.map((value) => ({ value, label: KIND_NAMES[value] }))}
          onChoose={(next) => {
            setKind(next);
            setDouble('');
            setKept('');
          }}
        />
      </Label>
      <OneOf kind={kind} label="The double, which goes" value={double} onChoose={setDouble} />
      <OneOf kind={kind} label="The entry that stays" value={kept} onChoose={setKept} />
      <p className="text-pencil text-[0.93rem]">
        Nothing is lost: what names the double is not rewritten, and the merge can be taken back under “What was changed”.
      </p>
      <Button tone="act" type="submit" disabled={!ready || isLoading}>
        Merge them
      </Button>
    </form>
  );
}

interface OneOfProps {
  readonly kind: Mergeable;
  readonly label: string;
  readonly value: string;
  readonly onChoose: (id: string) => void;
}

/** One entry of a kind, by its picture. */
function OneOf({ kind, ...rest }: OneOfProps) {
  const { catalogue } = useWorkspace();
  const prints = catalogue.data.prints.map((row) => ({ value: row.id, text: row.name, more: row.id }));
  return (
    <div>
      <span className="text-pencil mb-0.5 block text-[0.87rem]">{rest.label}</span>
      {kind === 'variant' && <PartPicker {...rest} />}
      {kind === 'mould' && <MouldPicker {...rest} />}
      {kind === 'colour' && <ColourPicker {...rest} />}
      {kind === 'print' && <Picker {...rest} options={prints} />}
    </div>
  );
}
