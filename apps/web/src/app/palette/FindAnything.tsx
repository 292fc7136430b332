import type { Look } from '@outfit/core';
import { Command } from 'cmdk';
import { useLocation, useNavigate } from 'react-router';
import { useSearchCatalogueQuery } from '@/api';
import { FigurePicture, PartPicture } from '@/parts';
import { chosenLookOf, useNames, useOpen, useOpenLineUp, useWorkspace } from '@/workspace';
import { deedsFor, PLACES } from './deeds';
import { ASKS, FIELD } from './field';

const ITEM = 'data-[selected=true]:bg-lagoon-wash flex cursor-pointer items-center gap-3 px-4 py-1.5';
const LEAST_LETTERS = 2;

interface FindAnythingProps {
  readonly text: string;
  readonly onText: (text: string) => void;
  readonly onDone: () => void;
}

/** The palette: figures, parts, places, by what they are called. */
export function FindAnything({ text, onText, onDone }: FindAnythingProps) {
  const { catalogue } = useWorkspace();
  const lineUps = useNames();
  const { figure, lineUp } = useOpen();
  const openLineUp = useOpenLineUp() ?? lineUps[0]?.id;
  const { pathname, search } = useLocation();
  const navigate = useNavigate();
  const words = text.trim();
  const { data } = useSearchCatalogueQuery({ q: words, limit: 6 }, { skip: words.length < LEAST_LETTERS });
  const go = (path: string): void => {
    onDone();
    void navigate(path);
  };
  /** Once the palette has gone, so that it finds the page as the person sees it. */
  const act = (run: () => void): void => {
    onDone();
    setTimeout(run);
  };
  const matches = (...texts: readonly string[]): boolean =>
    words
      .toLowerCase()
      .split(/\s+/)
      .every((word) => texts.some((one) => one.toLowerCase().includes(word)));
  const deeds = deedsFor({ figure, lineUps, openLineUp, address: `${pathname}${search}` }).filter(({ label }) => matches(label));
  const figures = lineUps
    .flatMap((of) => of.figures.map((row) => ({ row, lineUp: of })))
    .filter(({ row, lineUp: of }) => matches(row.name, row.role, of.name))
    .sort((a, b) => Number(b.lineUp.id === openLineUp) - Number(a.lineUp.id === openLineUp))
    .slice(0, words === '' ? 4 : 8);
  const places = [...lineUps.map((lineUp) => [lineUp.name, `/line-ups/${lineUp.id}`] as const), ...PLACES]
    .filter(([label]) => matches(label))
    .slice(0, 8);
  // Only figures of the open line-up have been read whole: the others are told by their names.
  const lookOf = (id: string) => {
    const known = lineUp?.figures.find((row) => row.id === id);
    return known && chosenLookOf(known);
  };
  // Whoever types looks for something as a rule; whoever does not has come to do something.
  const doing = deeds.length > 0 && (
    <Group heading="Do">
      {deeds.slice(0, words === '' ? 5 : 8).map((deed) => (
        <Command.Item
          key={deed.label}
          value={`do ${deed.label}`}
          className={ITEM}
          onSelect={() => ('path' in deed ? go(deed.path) : act(deed.run))}
        >
          {deed.label} {deed.keys && <kbd className="text-pencil ml-auto font-mono text-[0.8rem]">{deed.keys}</kbd>}
        </Command.Item>
      ))}
    </Group>
  );
  return (
    <Command label="Find anything" shouldFilter={false} loop>
      <Command.Input value={text} onValueChange={onText} autoFocus placeholder={ASKS} className={FIELD} />
      <Command.List className="max-h-[50vh] overflow-auto py-1">
        <Command.Empty className="text-pencil px-4 py-3">Nothing is called so.</Command.Empty>
        {words === '' && doing}
        {figures.length > 0 && (
          <Group heading="Figures">
            {figures.map(({ row, lineUp: of }) => (
              <Command.Item key={row.id} value={`figure ${row.id}`} className={ITEM} onSelect={() => go(`/figures/${row.id}/fitting`)}>
                <Small look={lookOf(row.id)} />
                {row.name} <span className="text-pencil text-[0.87rem]">{of.name}</span>
              </Command.Item>
            ))}
          </Group>
        )}
        {words !== '' && doing}
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
                  <PartPicture
                    variant={catalogue.variant(id)}
                    position={catalogue.mouldOf(catalogue.variant(id)).fills[0]?.[0] ?? 'torso'}
                    catalogue={catalogue}
                    size={34}
                    tacked={!catalogue.variant(id).made}
                  />
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

const PX_PER_MM = 0.8;

/** A figure as small as a word; nothing, as wide, where it has not been read. */
function Small({ look }: { readonly look: Look | undefined }) {
  const { catalogue } = useWorkspace();
  return (
    <span className="flex h-9 w-9 shrink-0 items-end justify-center overflow-hidden">
      {look && <FigurePicture look={look} catalogue={catalogue} pxPerMm={PX_PER_MM} label="" />}
    </span>
  );
}
