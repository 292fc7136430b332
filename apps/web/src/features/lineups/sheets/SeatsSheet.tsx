import { SEATING_KINDS } from '@outfit/core/lineup';
import { PartPicker } from '@/parts';
import { Button, Choice, Input } from '@/ui';
import { useWorkspace } from '@/workspace';
import type { Told } from '../useTold';
import { newId, NumberField, PlanSheet, replaceAt, type SheetOf } from './PlanSheet';
import { Group, Row } from './RolesSheet';

const KIND_WORDS = { seat: 'seats', spot: 'spots', plate: 'plate' } as const;

/** Who sits or stands where and what keeps them from it, who carries what, and spares to have by. */
export function SeatsSheet({ told, ...props }: SheetOf & { readonly told: Told }) {
  const { catalogue } = useWorkspace();
  const people = [{ value: '', label: 'nobody' }, ...props.lineUp.figures.map(({ id, brief }) => ({ value: id, label: brief.name }))];
  const problems = (seating: string, figure: string) => told.seats.filter((row) => row.seating === seating && row.figure === figure);
  return (
    <PlanSheet
      {...props}
      title="Seats and props"
      about="Who sits where, and what keeps them from sitting; who carries what; what to have one over of."
      label="Changed seats and props"
    >
      {(draft, change) => (
        <>
          <Group
            title="Seats, spots and plates"
            onAdd={() =>
              change({ seatings: [...draft.seatings, { id: newId(), name: '', kind: 'seat', places: [{ name: 'Seat 1', figure: '' }] }] })
            }
          >
            {draft.seatings.map((seating, i) => {
              const set = (row: typeof seating | null): void => change({ seatings: replaceAt(draft.seatings, i, row) });
              return (
                <Row key={seating.id} label={`Take ${seating.name} away`} onAway={() => set(null)}>
                  <Input
                    aria-label={`Name of seats ${i + 1}`}
                    className="!w-52"
                    value={seating.name}
                    maxLength={80}
                    onChange={(event) => set({ ...seating, name: event.target.value })}
                  />
                  <Choice
                    aria-label={`Kind of ${seating.name}`}
                    className="!w-28"
                    value={seating.kind}
                    options={SEATING_KINDS.map((kind) => ({ value: kind, label: KIND_WORDS[kind] }))}
                    onChoose={(kind) => set({ ...seating, kind })}
                  />
                  <Button
                    tone="quiet"
                    aria-label={`Add a place to ${seating.name}`}
                    onClick={() =>
                      set({
                        ...seating,
                        places: [
                          ...seating.places,
                          { name: `${seating.kind === 'seat' ? 'Seat' : 'Spot'} ${seating.places.length + 1}`, figure: '' },
                        ],
                      })
                    }
                  >
                    Add a place
                  </Button>
                  <ol className="w-full space-y-1">
                    {seating.places.map((place, k) => {
                      const setPlace = (row: typeof place | null): void => set({ ...seating, places: replaceAt(seating.places, k, row) });
                      return (
                        <li key={k} className="flex flex-wrap items-center gap-2">
                          <Input
                            aria-label={`Place ${k + 1} of ${seating.name}`}
                            className="!w-36 !py-0.5"
                            value={place.name}
                            maxLength={80}
                            onChange={(event) => setPlace({ ...place, name: event.target.value })}
                          />
                          <Choice
                            aria-label={`Who is on ${place.name} of ${seating.name}`}
                            className="!w-44 !py-0.5"
                            value={place.figure}
                            options={people.filter(
                              ({ value }) => value === '' || value === place.figure || !seating.places.some((own) => own.figure === value),
                            )}
                            onChoose={(figure) => setPlace({ ...place, figure })}
                          />
                          {seating.places.length > 1 && (
                            <button
                              type="button"
                              className="text-pencil hover:text-ink text-[0.87rem]"
                              aria-label={`Take ${place.name} of ${seating.name} away`}
                              onClick={() => setPlace(null)}
                            >
                              away
                            </button>
                          )}
                          {place.figure !== '' &&
                            problems(seating.id, place.figure).map(({ sentence, severity }) => (
                              <span
                                key={sentence}
                                className={`w-full text-[0.87rem] ${severity === 'blocks' ? 'text-madder' : 'text-saffron'}`}
                              >
                                {sentence}
                              </span>
                            ))}
                        </li>
                      );
                    })}
                  </ol>
                </Row>
              );
            })}
          </Group>
          <Group title="Props" onAdd={() => change({ props: [...draft.props, { id: newId(), name: '', variant: '', carriedBy: '' }] })}>
            {draft.props.map((prop, i) => {
              const set = (row: typeof prop | null): void => change({ props: replaceAt(draft.props, i, row) });
              return (
                <Row key={prop.id} label={`Take ${prop.name} away`} onAway={() => set(null)}>
                  <Input
                    aria-label={`Prop ${i + 1}`}
                    className="!w-40"
                    value={prop.name}
                    maxLength={80}
                    onChange={(event) => set({ ...prop, name: event.target.value })}
                  />
                  <span className="text-pencil">carried by</span>
                  <Choice
                    aria-label={`Who carries ${prop.name}`}
                    className="!w-40"
                    value={prop.carriedBy}
                    options={people}
                    onChoose={(carriedBy) => set({ ...prop, carriedBy })}
                  />
                  <PartPicker
                    label={`The part ${prop.name} is`}
                    className="!w-44"
                    value={prop.variant || null}
                    onChoose={(variant) => set({ ...prop, variant })}
                  />
                  {problems('', prop.carriedBy).map(({ sentence }) => (
                    <span key={sentence} className="text-madder w-full text-[0.87rem]">
                      {sentence}
                    </span>
                  ))}
                </Row>
              );
            })}
          </Group>
          <Group
            title="Spares"
            onAdd={() => change({ spares: [...draft.spares, { variant: '', count: 1, each: false, scope: { kind: 'all', of: '' } }] })}
          >
            {draft.spares.map((spare, i) => {
              const set = (row: typeof spare | null): void => change({ spares: replaceAt(draft.spares, i, row) });
              return (
                <Row key={i} label="Take the spare away" onAway={() => set(null)}>
                  <NumberField
                    label={`How many spares, line ${i + 1}`}
                    least={1}
                    most={500}
                    className="w-16"
                    value={spare.count}
                    onChange={(count) => set({ ...spare, count: count ?? 1 })}
                  />
                  <PartPicker
                    label={`Spare part ${i + 1}`}
                    className="!w-64"
                    value={catalogue.has(spare.variant) ? spare.variant : null}
                    onChoose={(variant) => set({ ...spare, variant })}
                  />
                  <Choice
                    aria-label={`For whom, spare ${i + 1}`}
                    className="!w-44"
                    value={spare.each ? spare.scope.of || 'each' : 'once'}
                    options={[
                      { value: 'once', label: 'for the line-up' },
                      { value: 'each', label: 'for each figure' },
                      ...draft.roles.map(({ name }) => ({ value: name, label: `for each ${name}` })),
                    ]}
                    onChoose={(of) =>
                      set({
                        ...spare,
                        each: of !== 'once',
                        scope: of === 'once' || of === 'each' ? { kind: 'all', of: '' } : { kind: 'role', of },
                      })
                    }
                  />
                </Row>
              );
            })}
          </Group>
        </>
      )}
    </PlanSheet>
  );
}
