import { LINE_UP_KINDS, type LineUpKind } from '@outfit/core/lineup';
import { ColourPicker } from '@/parts';
import { Chips, Input, Label, TextArea } from '@/ui';
import { NumberField, PlanSheet, type SheetOf } from './PlanSheet';

const ABOUT: Readonly<Record<LineUpKind, string>> = {
  collection: 'just together',
  crew: 'roles to fill',
  series: 'an edition with packs',
  army: 'one recipe many times',
  cast: 'a scene with props and seats',
  ages: 'one person through time',
};

/** What a line-up is, what was promised, by when. */
export const AboutSheet = (props: SheetOf) => (
  <PlanSheet
    {...props}
    title="About this line-up"
    about="The kind changes what is offered, not what is allowed."
    label="Changed what the line-up is"
  >
    {(draft, change) => (
      <>
        <div>
          <Chips
            label="Kind"
            chosen={draft.kind}
            options={LINE_UP_KINDS.map((kind) => [kind, kind] as const)}
            onChoose={(kind) => change({ kind })}
          />
          <p className="text-pencil mt-1 text-[0.93rem]">{ABOUT[draft.kind]}</p>
        </div>
        <div className="grid grid-cols-2 gap-3">
          <Label text="How many were promised">
            <NumberField
              label="How many were promised"
              least={1}
              value={draft.promised}
              className="w-full"
              onChange={(promised) => change({ promised })}
            />
          </Label>
          <Label text="Edition">
            <Input value={draft.edition} maxLength={80} onChange={(event) => change({ edition: event.target.value })} />
          </Label>
          <Label text="Due">
            <Input type="date" value={draft.dueOn ?? ''} onChange={(event) => change({ dueOn: event.target.value || null })} />
          </Label>
          <div>
            <span className="text-pencil mb-0.5 block text-[0.87rem]">Colour of the pack, or of the ground behind</span>
            <span className="flex gap-2">
              <ColourPicker
                label="Colour of the pack"
                placeholder="none"
                value={draft.packColour || null}
                onChoose={(packColour) => change({ packColour })}
              />
              {draft.packColour !== '' && (
                <button type="button" className="text-lagoon underline" onClick={() => change({ packColour: '' })}>
                  none
                </button>
              )}
            </span>
          </div>
        </div>
        <Label text="Notes">
          <TextArea rows={4} maxLength={4000} value={draft.notes} onChange={(event) => change({ notes: event.target.value })} />
        </Label>
      </>
    )}
  </PlanSheet>
);
