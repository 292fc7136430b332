import { RELATION_KINDS } from '@outfit/core/lineup';
import { X } from 'lucide-react';
import type { ReactNode } from 'react';
import { ColourPicker, Swatch } from '@/parts';
import { Button, Choice, Input } from '@/ui';
import { useWorkspace } from '@/workspace';
import { newId, NumberField, PlanSheet, replaceAt, type SheetOf } from './PlanSheet';

/** Roles with how many of each, factions with their leaders, and who is what to whom. */
export function RolesSheet(props: SheetOf) {
  const { catalogue } = useWorkspace();
  const people = props.lineUp.figures.map(({ id, brief }) => ({ value: id, label: brief.name }));
  const nobody = { value: '', label: 'nobody' };
  return (
    <PlanSheet
      {...props}
      title="Roles and factions"
      about="Who plays a role is said in the table, or for several at once on the stage."
      label="Changed roles and factions"
    >
      {(draft, change) => (
        <>
          <Group title="Roles" onAdd={() => change({ roles: [...draft.roles, { name: '', least: 1, most: null }] })}>
            {draft.roles.map((role, i) => {
              const set = (row: typeof role | null): void => change({ roles: replaceAt(draft.roles, i, row) });
              return (
                <Row key={i} label={`Take role ${role.name} away`} onAway={() => set(null)}>
                  <Input
                    aria-label={`Role ${i + 1}`}
                    className="!w-52"
                    value={role.name}
                    maxLength={60}
                    onChange={(event) => set({ ...role, name: event.target.value })}
                  />
                  <span className="text-pencil">at least</span>
                  <NumberField
                    label={`At least, of ${role.name}`}
                    most={500}
                    className="w-16"
                    value={role.least}
                    onChange={(least) => set({ ...role, least: least ?? 0 })}
                  />
                  <span className="text-pencil">at most</span>
                  <NumberField
                    label={`At most, of ${role.name}`}
                    most={500}
                    className="w-20"
                    placeholder="any"
                    value={role.most}
                    onChange={(most) => set({ ...role, most })}
                  />
                </Row>
              );
            })}
          </Group>
          <Group
            title="Factions"
            onAdd={() =>
              change({ factions: [...draft.factions, { id: newId(), name: '', colours: [], recipe: '', leader: '', sharesFaces: false }] })
            }
          >
            {draft.factions.map((faction, i) => {
              const set = (row: typeof faction | null): void => change({ factions: replaceAt(draft.factions, i, row) });
              return (
                <Row key={faction.id} label={`Take faction ${faction.name} away`} onAway={() => set(null)}>
                  <Input
                    aria-label={`Faction ${i + 1}`}
                    className="!w-40"
                    value={faction.name}
                    maxLength={80}
                    onChange={(event) => set({ ...faction, name: event.target.value })}
                  />
                  <span className="text-pencil">led by</span>
                  <Choice
                    aria-label={`Leader of ${faction.name}`}
                    className="!w-40"
                    value={faction.leader}
                    options={[nobody, ...people]}
                    onChoose={(leader) => set({ ...faction, leader })}
                  />
                  <label className="flex items-center gap-1.5">
                    <input
                      type="checkbox"
                      className="accent-lagoon"
                      checked={faction.sharesFaces}
                      onChange={(event) => set({ ...faction, sharesFaces: event.target.checked })}
                    />
                    rank and file share faces
                  </label>
                  <span className="flex w-full flex-wrap items-center gap-2 pl-1">
                    {faction.colours.map((id) => (
                      <button
                        key={id}
                        type="button"
                        title="Take it away"
                        aria-label={`Remove ${id} from ${faction.name}`}
                        onClick={() => set({ ...faction, colours: faction.colours.filter((own) => own !== id) })}
                      >
                        <Swatch colour={catalogue.colour(id)} />
                      </button>
                    ))}
                    {faction.colours.length < 8 && (
                      <ColourPicker
                        label={`Add a colour to ${faction.name}`}
                        placeholder="Colour…"
                        className="!w-32 !py-0.5"
                        value={null}
                        among={(colour) => !faction.colours.includes(colour.id) && colour.kind !== 'skin'}
                        onChoose={(id) => set({ ...faction, colours: [...faction.colours, id] })}
                      />
                    )}
                    <Input
                      aria-label={`Recipe of ${faction.name}`}
                      placeholder="The recipe, in words"
                      className="min-w-40 flex-1 !py-0.5"
                      value={faction.recipe}
                      maxLength={1000}
                      onChange={(event) => set({ ...faction, recipe: event.target.value })}
                    />
                  </span>
                </Row>
              );
            })}
          </Group>
          {people.length > 1 && (
            <Group
              title="Relations"
              onAdd={() =>
                change({ relations: [...draft.relations, { kind: 'twin of', from: people[0]?.value ?? '', to: people[1]?.value ?? '' }] })
              }
            >
              {draft.relations.map((relation, i) => {
                const set = (row: typeof relation | null): void => change({ relations: replaceAt(draft.relations, i, row) });
                return (
                  <Row key={i} label="Take the relation away" onAway={() => set(null)}>
                    <Choice
                      aria-label={`Who, in relation ${i + 1}`}
                      className="!w-44"
                      value={relation.from}
                      options={people}
                      onChoose={(from) => set({ ...relation, from })}
                    />
                    <Choice
                      aria-label={`Relation ${i + 1}`}
                      className="!w-32"
                      value={relation.kind}
                      options={RELATION_KINDS.map((kind) => ({ value: kind, label: kind }))}
                      onChoose={(kind) => set({ ...relation, kind })}
                    />
                    <Choice
                      aria-label={`To whom, in relation ${i + 1}`}
                      className="!w-44"
                      value={relation.to}
                      options={people}
                      onChoose={(to) => set({ ...relation, to })}
                    />
                  </Row>
                );
              })}
            </Group>
          )}
        </>
      )}
    </PlanSheet>
  );
}

export function Group({ title, onAdd, children }: { readonly title: string; readonly onAdd: () => void; readonly children: ReactNode }) {
  return (
    <section aria-label={title} className="space-y-1.5">
      <h3 className="flex items-baseline gap-3 text-[1.07rem]">
        {title}
        <Button tone="quiet" className="!py-0" aria-label={`Add to ${title.toLowerCase()}`} onClick={onAdd}>
          Add
        </Button>
      </h3>
      {children}
    </section>
  );
}

export function Row({ label, onAway, children }: { readonly label: string; readonly onAway: () => void; readonly children: ReactNode }) {
  return (
    <div className="border-rule flex items-start gap-2 border-b pb-1.5">
      <div className="flex min-w-0 flex-1 flex-wrap items-center gap-2">{children}</div>
      <button type="button" aria-label={label} className="text-pencil hover:text-ink py-1.5" onClick={onAway}>
        <X size={16} strokeWidth={1.75} />
      </button>
    </div>
  );
}
