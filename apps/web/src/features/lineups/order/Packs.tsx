import { packingOf, packsOf } from '@outfit/core/lineup';
import { useMemo, useState } from 'react';
import type { LineUpDto } from '@/api';
import { Button, Choice, Input } from '@/ui';
import { newId, newSeed, NumberField, PlanSheet, replaceAt } from '../sheets/PlanSheet';
import { Group, Row } from '../sheets/RolesSheet';

/** Which tokens and pieces of builds lie in which pack, and what a build lacks without one. */
export function Packs({ lineUp }: { readonly lineUp: LineUpDto }) {
  const { plan, figures } = lineUp;
  const [isOpen, setOpen] = useState(false);
  const [without, setWithout] = useState('');
  const packing = useMemo(
    () =>
      packingOf(
        plan.tokens,
        plan.builds,
        packsOf(
          figures,
          plan.factions.map(({ leader }) => leader),
          plan.promised,
        ),
      ),
    [plan, figures],
  );
  const nameOf = new Map(figures.map(({ id, brief }) => [id, brief.name]));
  const isAny = plan.tokens.length + plan.builds.length > 0;
  const sheet = <PacksSheet lineUp={lineUp} open={isOpen} onOpenChange={setOpen} />;
  const why = [...packing.tokens, ...packing.builds].flatMap(({ spread }) => ('why' in spread ? [spread.why] : []));
  return (
    <section aria-label="Packs" className="min-w-0 flex-1 p-4 md:overflow-auto">
      <div className="mb-2 flex flex-wrap items-center gap-3">
        <h2 className="text-[1.07rem]">Packs</h2>
        <Button onClick={() => setOpen(true)}>Tokens and builds…</Button>
        {sheet}
      </div>
      {!isAny && <p className="text-pencil">Nothing is spread over the packs: no tokens, and nothing that is built from several.</p>}
      {why.map((sentence) => (
        <p key={sentence} role="alert" className="text-madder">
          {sentence}
        </p>
      ))}
      {isAny && (
        <table className="w-full text-[0.93rem]">
          <thead className="text-pencil text-left text-[0.87rem]">
            <tr>
              <th scope="col" className="py-1 pr-2 font-medium">
                Pack
              </th>
              {packing.tokens.map(({ id, name }) => (
                <th key={id} scope="col" className="py-1 pr-2 font-medium">
                  {name}
                </th>
              ))}
              {packing.builds.map(({ id, name }) => (
                <th key={id} scope="col" className="py-1 pr-2 font-medium">
                  {name}
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {packing.packs.map((pack, i) => (
              <tr key={pack.id} className={`border-rule border-t ${without === pack.id ? 'text-pencil line-through' : ''}`}>
                <th scope="row" className="py-0.5 pr-2 text-left font-normal">
                  <span className="text-pencil mr-2 font-mono text-[0.87rem]">{i + 1}</span>
                  {nameOf.get(pack.id) ?? <span className="text-pencil">not chosen yet</span>}
                  {pack.isLeader && <span className="text-pencil text-[0.87rem]">, leads</span>}
                </th>
                {packing.tokens.map(({ id, name, spread }) => {
                  const held = 'perPack' in spread ? (spread.perPack[i] ?? 0) : 0;
                  return (
                    <td key={id} className="pr-2">
                      {held > 0 && (
                        <span role="img" aria-label={`${held} of ${name}`} className="flex gap-1">
                          {Array.from({ length: held }, (_, k) => (
                            <span key={k} aria-hidden="true" className="border-ink size-3.5 rotate-45 border bg-[#b08d4a]" />
                          ))}
                        </span>
                      )}
                    </td>
                  );
                })}
                {packing.builds.map(({ id, spread }) => (
                  <td key={id} className="pr-2">
                    {'packs' in spread &&
                      (spread.packs.find((row) => row.pack === pack.id)?.elements ?? [])
                        .map(({ name, count }) => `${count > 1 ? `${count} × ` : ''}${name.toLowerCase()}`)
                        .join(', ')}
                  </td>
                ))}
              </tr>
            ))}
          </tbody>
        </table>
      )}
      {packing.builds.length > 0 && (
        <div className="mt-3 flex flex-wrap items-center gap-2">
          <span>If one pack is not bought:</span>
          <Choice
            aria-label="The pack that is not bought"
            className="!w-52"
            value={without}
            options={[
              { value: '', label: 'all are bought' },
              ...packing.packs.map(({ id }, i) => ({ value: id, label: `${i + 1} ${nameOf.get(id) ?? 'not chosen yet'}` })),
            ]}
            onChoose={setWithout}
          />
          {without !== '' && (
            <span role="status">
              {packing.builds
                .map(({ name, spread }) => {
                  const elements = 'packs' in spread ? (spread.packs.find((row) => row.pack === without)?.elements ?? []) : [];
                  return elements.length === 0
                    ? `${name} is whole.`
                    : `${name} lacks ${elements.map((row) => `${row.count} ${row.name.toLowerCase()}`).join(' and ')}.`;
                })
                .join(' ')}
            </span>
          )}
        </div>
      )}
    </section>
  );
}

function PacksSheet(props: { readonly lineUp: LineUpDto; readonly open: boolean; readonly onOpenChange: (open: boolean) => void }) {
  return (
    <PlanSheet
      {...props}
      title="Tokens and builds"
      about="Spread over the packs by what is said here, as evenly as can be. The same number draws the same again."
      label="Changed what lies in the packs"
    >
      {(draft, change) => (
        <>
          <Group
            title="Tokens"
            onAdd={() =>
              change({
                tokens: [
                  ...draft.tokens,
                  { id: newId(), name: '', count: 1, mostInOne: 1, leadersGetOne: false, isApartFromBuilds: false, seed: newSeed() },
                ],
              })
            }
          >
            {draft.tokens.map((tokens, i) => {
              const set = (row: typeof tokens | null): void => change({ tokens: replaceAt(draft.tokens, i, row) });
              return (
                <Row key={tokens.id} label={`Take ${tokens.name} away`} onAway={() => set(null)}>
                  <Input
                    aria-label={`Tokens ${i + 1}`}
                    className="!w-40"
                    value={tokens.name}
                    maxLength={80}
                    onChange={(event) => set({ ...tokens, name: event.target.value })}
                  />
                  <NumberField
                    label={`How many ${tokens.name}`}
                    most={5000}
                    className="w-20"
                    value={tokens.count}
                    onChange={(count) => set({ ...tokens, count: count ?? 0 })}
                  />
                  <span className="text-pencil">at most</span>
                  <NumberField
                    label={`Most ${tokens.name} in one pack`}
                    least={1}
                    most={100}
                    className="w-16"
                    value={tokens.mostInOne}
                    onChange={(most) => set({ ...tokens, mostInOne: most ?? 1 })}
                  />
                  <span className="text-pencil">in one</span>
                  <span className="flex w-full flex-wrap gap-4">
                    <label className="flex items-center gap-1.5">
                      <input
                        type="checkbox"
                        className="accent-lagoon"
                        checked={tokens.leadersGetOne}
                        onChange={(event) => set({ ...tokens, leadersGetOne: event.target.checked })}
                      />
                      every leader gets one
                    </label>
                    <label className="flex items-center gap-1.5">
                      <input
                        type="checkbox"
                        className="accent-lagoon"
                        checked={tokens.isApartFromBuilds}
                        onChange={(event) => set({ ...tokens, isApartFromBuilds: event.target.checked })}
                      />
                      none where a piece of a build lies
                    </label>
                    <Button tone="quiet" className="!py-0" onClick={() => set({ ...tokens, seed: newSeed() })}>
                      Draw again
                    </Button>
                  </span>
                </Row>
              );
            })}
          </Group>
          <Group
            title="Builds"
            onAdd={() =>
              change({
                builds: [
                  ...draft.builds,
                  { id: newId(), name: '', packs: 1, seed: newSeed(), elements: [{ name: '', variant: '', count: 1 }] },
                ],
              })
            }
          >
            {draft.builds.map((build, i) => {
              const set = (row: typeof build | null): void => change({ builds: replaceAt(draft.builds, i, row) });
              return (
                <Row key={build.id} label={`Take ${build.name} away`} onAway={() => set(null)}>
                  <Input
                    aria-label={`Build ${i + 1}`}
                    className="!w-44"
                    value={build.name}
                    maxLength={80}
                    onChange={(event) => set({ ...build, name: event.target.value })}
                  />
                  <span className="text-pencil">over</span>
                  <NumberField
                    label={`Packs of ${build.name}`}
                    least={1}
                    most={500}
                    className="w-16"
                    value={build.packs}
                    onChange={(packs) => set({ ...build, packs: packs ?? 1 })}
                  />
                  <span className="text-pencil">packs</span>
                  <Button
                    tone="quiet"
                    className="!py-0"
                    aria-label={`Add an element to ${build.name}`}
                    onClick={() => set({ ...build, elements: [...build.elements, { name: '', variant: '', count: 1 }] })}
                  >
                    Add an element
                  </Button>
                  <Button tone="quiet" className="!py-0" onClick={() => set({ ...build, seed: newSeed() })}>
                    Draw again
                  </Button>
                  <span className="flex w-full flex-wrap gap-2">
                    {build.elements.map((element, k) => {
                      const setElement = (row: typeof element | null): void =>
                        set({ ...build, elements: replaceAt(build.elements, k, row) });
                      return (
                        <span key={k} className="flex items-center gap-1">
                          <NumberField
                            label={`How many of element ${k + 1} of ${build.name}`}
                            least={1}
                            most={500}
                            className="w-14 !py-0.5"
                            value={element.count}
                            onChange={(count) => setElement({ ...element, count: count ?? 1 })}
                          />
                          <Input
                            aria-label={`Element ${k + 1} of ${build.name}`}
                            className="!w-32 !py-0.5"
                            value={element.name}
                            maxLength={80}
                            onChange={(event) => setElement({ ...element, name: event.target.value })}
                          />
                          {build.elements.length > 1 && (
                            <button
                              type="button"
                              className="text-pencil hover:text-ink text-[0.87rem]"
                              aria-label={`Take element ${k + 1} of ${build.name} away`}
                              onClick={() => setElement(null)}
                            >
                              away
                            </button>
                          )}
                        </span>
                      );
                    })}
                  </span>
                </Row>
              );
            })}
          </Group>
        </>
      )}
    </PlanSheet>
  );
}
