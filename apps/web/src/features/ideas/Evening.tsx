import { money } from '@outfit/core';
import { Link } from 'react-router';
import type { ChanceDto, IdeasDto } from '@/api';
import { FigurePicture } from '@/parts';
import { Empty, longDay, plural } from '@/ui';
import { chosenLookOf, useFigure, useWorkspace } from '@/workspace';

const WORDS: Readonly<Record<ChanceDto['kind'], string>> = {
  owed: 'owed',
  build: 'to build',
  buy: 'to complete',
  'turned up': 'turned up',
  watch: 'you asked',
  idea: 'an idea',
};

const pathOf = ({ kind, id }: ChanceDto): string => {
  if (kind === 'build') return `/figures/${id}/bench`;
  if (kind === 'buy') return `/figures/${id}/errand`;
  if (kind === 'turned up') return `/figures/${id}/fitting`;
  if (kind === 'watch') return '/market';
  return kind === 'owed' ? '/ideas?show=owed' : `/ideas?show=ideas&idea=${id}`;
};

/** What could be done on a free evening: what is ready, then what is owed, then what is cheap. */
export function Evening({ told: { now, owed } }: { readonly told: IdeasDto }) {
  const { currency, today } = useWorkspace();
  if (now.length === 0)
    return (
      <Empty title="Nothing waits for you">
        <p>Ideas that are written down, figures that are promised and everything that is ready to build turn up here.</p>
      </Empty>
    );
  const figuresOf = new Map(owed.map((row) => [row.id, row.figures[0]]));
  return (
    <ol aria-label="What could be done now" className="mx-auto max-w-4xl px-5 py-4">
      {now.map((chance) => {
        const isLate = chance.owedBy !== null && chance.owedBy < today;
        const figure =
          chance.kind === 'owed' ? figuresOf.get(chance.id) : ['build', 'buy', 'turned up'].includes(chance.kind) ? chance.id : undefined;
        return (
          <li key={`${chance.kind} ${chance.id}`} className="border-rule flex items-center gap-4 border-b py-1.5">
            <span className="flex h-16 w-12 shrink-0 items-end justify-center overflow-hidden">
              {figure !== undefined && <Small figure={figure} />}
            </span>
            <span className="min-w-0 flex-1">
              <Link to={pathOf(chance)} className="hover:text-lagoon font-medium">
                {chance.title}
              </Link>
              <span className="text-pencil block truncate text-[0.93rem]">{chance.why}</span>
            </span>
            <span className="w-60 text-right text-[0.93rem]">
              <span className={chance.isReady ? 'text-moss font-medium' : ''}>
                {chance.isReady ? `ready, ${WORDS[chance.kind]}` : WORDS[chance.kind]}
              </span>
              {chance.owedBy !== null && (
                <span className={`block text-[0.87rem] ${isLate ? 'text-madder' : 'text-pencil'}`}>
                  {isLate ? 'late since ' : 'by '}
                  {longDay(chance.owedBy)}
                </span>
              )}
              {chance.votes > 0 && <span className="text-pencil block text-[0.87rem]">{plural(chance.votes, 'vote')}</span>}
            </span>
            <span className="w-20 text-right font-mono text-[0.93rem]">
              {chance.costMinor !== null && chance.costMinor > 0 ? money(chance.costMinor, currency) : chance.isReady ? 'at hand' : ''}
            </span>
          </li>
        );
      })}
    </ol>
  );
}

function Small({ figure }: { readonly figure: string }) {
  const { catalogue } = useWorkspace();
  const known = useFigure(figure);
  if (!known) return null;
  const look = chosenLookOf(known);
  return look.parts.length > 0 ? <FigurePicture look={look} catalogue={catalogue} pxPerMm={1.35} label="" /> : null;
}
