import { useMemo } from 'react';
import { Link } from 'react-router';
import { Empty, plural } from '@/ui';
import { useWorkspace } from '@/workspace';
import { CatalogueTabs } from '../CatalogueTabs';
import { toSource } from '../paths';

/** Every official product that yields parts, by range and year. */
export function SourcesPage() {
  const { catalogue } = useWorkspace();
  const ranges = useMemo(() => {
    const by = new Map<string, (typeof catalogue.data.sources)[number][]>();
    for (const source of catalogue.data.sources)
      by.set(source.range || 'No range', [...(by.get(source.range || 'No range') ?? []), source]);
    return [...by].map(([range, sources]) => ({ range, sources: sources.sort((a, b) => a.year - b.year || (a.id < b.id ? -1 : 1)) }));
  }, [catalogue]);
  return (
    <div className="mx-auto flex h-full max-w-6xl flex-col px-5 py-3">
      <CatalogueTabs />
      {ranges.length === 0 && (
        <Empty title="No sources yet">
          <p>
            A source is a product and what it yields: a set, a bag, a magazine.{' '}
            <Link to="/catalogue/own?do=source" className="text-lagoon underline">
              Add one
            </Link>
            , and where a part comes from is told.
          </p>
        </Empty>
      )}
      <p className={`text-pencil mt-2 ${ranges.length === 0 ? 'hidden' : ''}`}>
        {plural(catalogue.data.sources.length, 'source')} in {plural(ranges.length, 'range')}
      </p>
      <div className="mt-2 min-h-0 flex-1 columns-3 gap-6 overflow-auto">
        {ranges.map(({ range, sources }) => (
          <section key={range} aria-label={range} className="mb-4 break-inside-avoid">
            <h2 className="text-[1.07rem]">{range}</h2>
            <ul>
              {sources.map((source) => (
                <li key={source.id} className="border-rule grid grid-cols-[3rem_minmax(0,1fr)] border-t py-0.5">
                  <span className="text-pencil font-mono text-[0.87rem]">{source.year}</span>
                  <span className="min-w-0 truncate">
                    <Link to={toSource(source.id)} className="text-lagoon underline">
                      {source.name}
                    </Link>{' '}
                    <span className="text-pencil text-[0.87rem]">{source.kind}</span>
                  </span>
                </li>
              ))}
            </ul>
          </section>
        ))}
      </div>
    </div>
  );
}
