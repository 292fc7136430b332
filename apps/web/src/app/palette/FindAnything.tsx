import { Command } from 'cmdk';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import { useSearchCatalogueQuery } from '@/api';
import { useNames, useOpen, useWorkspace } from '@/workspace';

const ITEM = 'data-[selected=true]:bg-lagoon-wash flex cursor-pointer items-baseline gap-3 px-4 py-1.5';
const LEAST_LETTERS = 2;

/** The palette: figures, parts, places, by what they are called. */
export function FindAnything({ onDone }: { readonly onDone: () => void }) {
  const { catalogue } = useWorkspace();
  const lineUps = useNames();
  const { figure } = useOpen();
  const navigate = useNavigate();
  const [text, setText] = useState('');
  const words = text.trim();
  const { data } = useSearchCatalogueQuery({ q: words, limit: 6 }, { skip: words.length < LEAST_LETTERS });
  const go = (path: string): void => {
    onDone();
    void navigate(path);
  };
  const matches = (...texts: readonly string[]): boolean =>
    words
      .toLowerCase()
      .split(/\s+/)
      .every((word) => texts.some((one) => one.toLowerCase().includes(word)));
  const actions: readonly (readonly [label: string, path: string])[] = [
    ...(figure
      ? ([
          [`Brief of ${figure.brief.name}`, `/figures/${figure.id}/brief`],
          [`Fitting of ${figure.brief.name}`, `/figures/${figure.id}/fitting`],
          [
            `Compare the looks of ${figure.brief.name}`,
            `/figures/${figure.id}/compare?looks=${figure.looks
              .slice(0, 2)
              .map((look) => look.id)
              .join(',')}`,
          ],
          [`Errand for ${figure.brief.name}`, `/figures/${figure.id}/errand`],
        ] as const)
      : []),
    ['Wardrobe', '/wardrobe'],
    ['Catalogue', '/catalogue'],
    ['Sources', '/catalogue/sources'],
    ['Own entries', '/catalogue/own'],
    ['Market', '/market'],
  ];
  const figures = lineUps
    .flatMap((lineUp) => lineUp.figures.map((row) => ({ row, lineUp })))
    .filter(({ row, lineUp }) => matches(row.name, row.role, lineUp.name))
    .slice(0, words === '' ? 4 : 8);
  const places = [...lineUps.map((lineUp) => [lineUp.name, `/line-ups/${lineUp.id}`] as const), ...actions]
    .filter(([label]) => matches(label))
    .slice(0, 8);
  return (
    <Command label="Find anything" shouldFilter={false} loop>
      <Command.Input
        value={text}
        onValueChange={setText}
        placeholder="A figure, a part, a place"
        className="border-rule w-full border-b bg-transparent px-4 py-3 text-[1.07rem] outline-none"
      />
      <Command.List className="max-h-[50vh] overflow-auto py-1">
        <Command.Empty className="text-pencil px-4 py-3">Nothing is called so.</Command.Empty>
        {figures.length > 0 && (
          <Group heading="Figures">
            {figures.map(({ row, lineUp }) => (
              <Command.Item key={row.id} value={`figure ${row.id}`} className={ITEM} onSelect={() => go(`/figures/${row.id}/fitting`)}>
                {row.name} <span className="text-pencil text-[0.87rem]">{lineUp.name}</span>
              </Command.Item>
            ))}
          </Group>
        )}
        {places.length > 0 && (
          <Group heading="Line-ups and places">
            {places.map(([label, path]) => (
              <Command.Item key={path} value={`place ${path}`} className={ITEM} onSelect={() => go(path)}>
                {label}
              </Command.Item>
            ))}
          </Group>
        )}
        {words.length >= LEAST_LETTERS && (data?.variants.length ?? 0) > 0 && (
          <Group heading="Parts">
            {data?.variants
              .filter((id) => catalogue.has(id))
              .map((id) => (
                <Command.Item
                  key={id}
                  value={`part ${id}`}
                  className={ITEM}
                  onSelect={() => go(`/catalogue/variants/${encodeURIComponent(id)}`)}
                >
                  {catalogue.nameOf(catalogue.variant(id))}
                </Command.Item>
              ))}
          </Group>
        )}
      </Command.List>
    </Command>
  );
}

const Group = ({ heading, children }: { readonly heading: string; readonly children: React.ReactNode }) => (
  <Command.Group heading={<span className="text-pencil block px-4 pt-2 text-[0.8rem] font-semibold">{heading}</span>}>
    {children}
  </Command.Group>
);
