import { IDEA_KINDS, IDEA_STATES } from '@outfit/core/ideas';
import { useState } from 'react';
import { type IdeaDto, type NewIdeaDto, useAddIdeaMutation, useChangeIdeaMutation } from '@/api';
import { PartPicker, SmallPart } from '@/parts';
import { attempt, Button, Chips, Input, Label, Sheet, TextArea } from '@/ui';
import { useWorkspace } from '@/workspace';
import { plainIdea } from './plainIdea';

const BLANK: NewIdeaDto = { kind: 'figure', title: '', words: '', who: '', heardAt: '', parts: [], votes: 0, state: 'heard', reason: '' };

/** An idea as it is written down: whose it was goes with it wherever it goes. */
export function IdeaSheet({ idea, onClose }: { readonly idea: IdeaDto | null; readonly onClose: () => void }) {
  const { catalogue } = useWorkspace();
  const [draft, setDraft] = useState<NewIdeaDto>(idea ? plainIdea(idea) : BLANK);
  const [add] = useAddIdeaMutation();
  const [change] = useChangeIdeaMutation();
  const set = (part: Partial<NewIdeaDto>): void => setDraft((before) => ({ ...before, ...part }));
  const keep = async (): Promise<void> => {
    const done = await attempt(
      idea ? change({ id: idea.id, version: idea.version, newIdeaDto: draft }).unwrap() : add({ newIdeaDto: draft }).unwrap(),
    );
    if (done) onClose();
  };
  return (
    <Sheet title={idea ? idea.title : 'An idea'} wide open onOpenChange={(isOpen) => !isOpen && onClose()}>
      <form
        className="mt-3 space-y-3"
        onSubmit={(event) => {
          event.preventDefault();
          void keep();
        }}
      >
        <Chips
          label="Kind"
          chosen={draft.kind}
          options={IDEA_KINDS.map((kind) => [kind, kind] as const)}
          onChoose={(kind) => set({ kind })}
        />
        <Label text="The idea">
          <Input value={draft.title} maxLength={120} onChange={(event) => set({ title: event.target.value })} />
        </Label>
        <Label text="In words">
          <TextArea rows={3} maxLength={2000} value={draft.words} onChange={(event) => set({ words: event.target.value })} />
        </Label>
        <div className="grid grid-cols-2 gap-3">
          <Label text="Whose idea it was">
            <Input value={draft.who} maxLength={80} onChange={(event) => set({ who: event.target.value })} />
          </Label>
          <Label text="Where it was heard">
            <Input value={draft.heardAt} maxLength={120} onChange={(event) => set({ heardAt: event.target.value })} />
          </Label>
        </div>
        <div>
          <span className="text-pencil mb-0.5 block text-[0.87rem]">Parts it thinks of</span>
          <span className="flex flex-wrap items-center gap-2">
            {draft.parts
              .filter((part) => catalogue.has(part))
              .map((part) => (
                <button
                  key={part}
                  type="button"
                  title="Take it away"
                  aria-label={`Take ${catalogue.nameOf(catalogue.variant(part))} away`}
                  onClick={() => set({ parts: draft.parts.filter((own) => own !== part) })}
                >
                  <SmallPart variant={catalogue.variant(part)} />
                </button>
              ))}
            <PartPicker
              label="A part it thinks of"
              className="!w-64"
              value={null}
              onChoose={(part) => !draft.parts.includes(part) && set({ parts: [...draft.parts, part] })}
            />
          </span>
        </div>
        <Chips
          label="State"
          chosen={draft.state}
          options={IDEA_STATES.map((state) => [state, state] as const)}
          onChoose={(state) => set({ state })}
        />
        {draft.state === 'declined' && (
          <Label text="Why it was declined">
            <Input value={draft.reason} maxLength={400} onChange={(event) => set({ reason: event.target.value })} />
          </Label>
        )}
        <Button type="submit" tone="act" disabled={draft.title.trim() === ''}>
          Keep it
        </Button>
      </form>
    </Sheet>
  );
}
