import { type ComponentProps, lazy, Suspense, useEffect, useState } from 'react';
import type Markdown from 'react-markdown';
import { Link, useParams } from 'react-router';
import { Empty } from '@/ui';
import { GUIDE, guideTo } from '@/parts';

/** Comes with the text it shows, after the page stands. */
const Text = lazy(() => import('react-markdown'));

const TEXTS = import.meta.glob<string>('../../../../../docs/guide/*.md', { query: '?raw', import: 'default' });
const PICTURES = import.meta.glob<string>('../../../../../docs/screenshots/*.png', { eager: true, query: '?url', import: 'default' });

const fileBy = <T,>(files: Readonly<Record<string, T>>, end: string): T | undefined =>
  Object.entries(files).find(([path]) => path.endsWith(`/${end}`))?.[1];

/** The words and pictures of `docs/guide`, as they stand there. */
const PARTS: ComponentProps<typeof Markdown>['components'] = {
  img: ({ src, alt }) => {
    const picture = fileBy(PICTURES, String(src).split('/').at(-1) ?? '');
    return picture === undefined ? null : <img src={picture} alt={alt} className="border-rule mt-3 w-full border" />;
  },
  h1: ({ children }) => <h1 className="mb-2 text-2xl">{children}</h1>,
  p: ({ children }) => <div className="my-2.5 leading-relaxed">{children}</div>,
  ul: ({ children }) => <ul className="my-2.5 list-disc space-y-1.5 pl-5 leading-relaxed">{children}</ul>,
  code: ({ children }) => <kbd className="bg-paper border-rule rounded-cut border px-1 font-mono text-[0.87rem]">{children}</kbd>,
};

/** The guide, one page for each stage, served inside the application. */
export function GuidePage() {
  const { page = 'begin' } = useParams();
  const load = fileBy(TEXTS, `${page}.md`);
  const [read, setRead] = useState<{ readonly page: string; readonly text: string } | null>(null);
  useEffect(() => {
    let hasLeft = false;
    void load?.().then((text) => hasLeft || setRead({ page, text }));
    return () => {
      hasLeft = true;
    };
  }, [load, page]);
  return (
    <div className="mx-auto grid h-full max-w-5xl grid-cols-[13rem_minmax(0,1fr)] gap-6 px-5 py-4 max-sm:grid-cols-1">
      <nav aria-label="Pages of the guide">
        <ul>
          {GUIDE.map(({ id, title }) => (
            <li key={id}>
              <Link
                to={guideTo(id)}
                aria-current={id === page ? 'page' : undefined}
                className={`block border-l-[3px] px-3 py-1 ${id === page ? 'border-l-lagoon bg-sheet font-semibold' : 'hover:bg-sheet border-l-transparent'}`}
              >
                {title}
              </Link>
            </li>
          ))}
        </ul>
      </nav>
      {/* eslint-disable-next-line jsx-a11y/no-noninteractive-tabindex -- what scrolls must be reachable by keyboard */}
      <article tabIndex={0} className="border-rule bg-sheet min-h-0 overflow-auto border px-6 py-5">
        {!load && <Empty title="There is no such page in the guide" />}
        <Suspense>{read?.page === page && <Text components={PARTS}>{read.text}</Text>}</Suspense>
      </article>
    </div>
  );
}
