import { useVirtualizer } from '@tanstack/react-virtual';
import { type KeyboardEvent, useEffect, useRef, useState } from 'react';
import { useNavigate } from 'react-router';
import { Button, Choice, Empty, plural, OwnInput } from '@/ui';
import { useWorkspace } from '@/workspace';
import { CatalogueTabs } from '../CatalogueTabs';
import { ColoursInOneLook } from '../pages';
import { toVariant } from '../paths';
import { Facets } from './Facets';
import { ResultRow } from './ResultRow';
import { PAGE, type Search, SORTS, useSearch } from './useSearch';

const ROW_PX = 66;

/** Does this exist, in which colour, from where, and what do people call it. */
export function CataloguePage() {
  const search = useSearch();
  const { answer } = search;
  return (
    <div className="grid h-full grid-cols-[13.5rem_minmax(0,1fr)_21rem] grid-rows-[auto_minmax(0,1fr)]">
      <div className="col-span-3 flex items-center gap-6 px-5 pt-3 pb-2.5">
        <h1 className="sr-only">Parts in the catalogue</h1>
        <CatalogueTabs />
        <OwnInput
          type="search"
          aria-label="Search the catalogue"
          placeholder="A number, a name or nickname, a motif, a colour, a shape, a source"
          value={search.words}
          className="ml-auto !w-[34rem] !py-1.5"
          onFollow={search.setWords}
        />
      </div>
      <Facets search={search} />
      <section aria-label="Found parts" className="border-rule bg-sheet flex min-h-0 flex-col border">
        <div className="border-rule flex items-center gap-3 border-b px-3 py-1.5 text-[0.93rem]">
          <p role="status" data-testid="found">
            {answer ? plural(answer.total, 'part') : 'Looking…'}
          </p>
          {answer && <Remarks search={search} />}
          <span className="text-pencil ml-auto flex items-center gap-1.5 text-[0.87rem]">
            Order
            <Choice aria-label="Order" className="!w-auto !py-0.5" value={search.sort} options={SORTS} onChoose={search.setSort} />
          </span>
        </div>
        <Results search={search} />
      </section>
      <aside aria-label="Colours in one look" className="min-h-0 overflow-auto px-4 pb-4">
        {answer && <ColoursInOneLook moulds={answer.moulds} />}
      </aside>
    </div>
  );
}

/** What was read differently from how it was typed. */
function Remarks({ search }: { readonly search: Search }) {
  const { answer } = search;
  if (!answer) return null;
  return (
    <p className="text-saffron">
      {answer.corrected.map(({ typed, meant }) => `Nothing is called “${typed}”; this is “${meant}”. `)}
      {answer.corrected.length > 0 && (
        <button type="button" className="text-lagoon mr-1 underline" onClick={search.searchExactly}>
          Search for “{search.words}” instead
        </button>
      )}
      {answer.unknown.map((word) => `Nothing is called “${word}”. `)}
      {answer.any && `Nothing has all of “${answer.words.join(' ')}”; these have some of it.`}
    </p>
  );
}

function Results({ search }: { readonly search: Search }) {
  const { catalogue } = useWorkspace();
  const navigate = useNavigate();
  const total = search.answer?.total ?? 0;
  const [active, setActive] = useState(0);
  const scroller = useRef<HTMLDivElement>(null);
  // eslint-disable-next-line react-hooks/incompatible-library -- its functions are not memoised; nothing here relies on that
  const virtual = useVirtualizer({ count: total, getScrollElement: () => scroller.current, estimateSize: () => ROW_PX, overscan: 6 });
  const items = virtual.getVirtualItems();
  const lastShown = items[items.length - 1]?.index ?? 0;
  const { wantPage } = search;
  useEffect(() => wantPage(Math.floor(lastShown / PAGE)), [lastShown, wantPage]);
  useEffect(() => {
    setActive(0);
    scroller.current?.scrollTo({ top: 0 });
  }, [search.words, search.sort, search.asked]);

  const onKeyDown = (event: KeyboardEvent): void => {
    const steps: Record<string, number> = {
      ArrowDown: active + 1,
      ArrowUp: active - 1,
      PageDown: active + 7,
      PageUp: active - 7,
      Home: 0,
      End: total - 1,
    };
    const target = steps[event.key];
    const variant = search.at(active);
    if (target !== undefined) {
      const next = Math.max(0, Math.min(total - 1, target));
      setActive(next);
      virtual.scrollToIndex(next);
    } else if (event.key === 'Enter' && variant !== undefined) void navigate(toVariant(variant));
    else return;
    event.preventDefault();
  };
  return (
    <div
      ref={scroller}
      role="listbox"
      tabIndex={0}
      aria-label="Found parts"
      aria-activedescendant={total > 0 ? `found-${active}` : undefined}
      className="min-h-0 flex-1 overflow-auto -outline-offset-2"
      onKeyDown={onKeyDown}
    >
      {search.failed && <Empty title="The search did not answer">Check that Outfit is still running, then type again.</Empty>}
      {search.answer && total === 0 && (
        <Empty title="Nothing like that is in the catalogue">
          <p>Try another word: a nickname, a colour, or what is printed on it. If you know it exists, add it under Own entries.</p>
          <Button onClick={search.clear}>Clear the search</Button>
        </Empty>
      )}
      <div style={{ height: virtual.getTotalSize() }} className="relative">
        {items.map((item) => {
          const id = search.at(item.index);
          const variant = id !== undefined && catalogue.has(id) ? catalogue.variant(id) : null;
          return (
            <div
              key={item.index}
              id={`found-${item.index}`}
              role="option"
              aria-selected={item.index === active}
              tabIndex={-1}
              className="absolute inset-x-0 cursor-pointer"
              style={{ top: item.start, height: ROW_PX }}
              onMouseEnter={() => setActive(item.index)}
              onClick={() => variant && void navigate(toVariant(variant.id))}
              onKeyDown={onKeyDown}
            >
              {variant && <ResultRow variant={variant} active={item.index === active} />}
            </div>
          );
        })}
      </div>
    </div>
  );
}
