import { IDEA_STATES } from '@outfit/core/ideas';
import { Minus, Plus } from 'lucide-react';
import { useState } from 'react';
import { Link } from 'react-router';
import { type IdeaDto, type NewIdeaDto, useChangeIdeaMutation, usePromoteIdeaMutation, usePutIdeaAwayMutation } from '@/api';
import { LineUpPicker, Photographs, SmallPart } from '@/parts';
import { attempt, Button, Choice, Empty, plural, tell, useAddress } from '@/ui';
import { useWorkspace } from '@/workspace';
import { IdeaSheet } from './IdeaSheet';
import { plainIdea } from './plainIdea';

/** Suggestions with their credit, their votes and what became of them. */
export function IdeaList({ ideas }: { readonly ideas: readonly IdeaDto[] }) {
  const [params] = useAddress();
  const [edited, setEdited] = useState<IdeaDto | 'new' | null>(null);
  const sorted = [...ideas].sort((a, b) => b.votes + b.polled - a.votes - a.polled);
  return (
    <div className="mx-auto max-w-5xl px-5 py-4">
      <Button tone="act" onClick={() => setEdited('new')}>
        Write down an idea…
      </Button>
      {ideas.length === 0 && (
        <Empty title="No ideas yet">
          <p>What somebody suggested at a table, in a letter or while looking over your shoulder, with their name beside it.</p>
        </Empty>
      )}
      {IDEA_STATES.map((state) => {
        const own = sorted.filter((idea) => idea.state === state);
        return (
          own.length > 0 && (
            <section key={state} aria-label={state} className="mt-4">
              <h2 className="text-[1.07rem] first-letter:uppercase">
                {state} <span className="text-pencil font-sans text-[0.87rem] font-normal">{own.length}</span>
              </h2>
              <ul>
                {own.map((idea) => (
                  <Idea key={idea.id} idea={idea} isLit={params.get('idea') === idea.id} onEdit={() => setEdited(idea)} />
                ))}
              </ul>
            </section>
          )
        );
      })}
      {edited !== null && <IdeaSheet idea={edited === 'new' ? null : edited} onClose={() => setEdited(null)} />}
    </div>
  );
}

function Idea({ idea, isLit, onEdit }: { readonly idea: IdeaDto; readonly isLit: boolean; readonly onEdit: () => void }) {
  const { catalogue } = useWorkspace();
  const [change] = useChangeIdeaMutation();
  const [putAway] = usePutIdeaAwayMutation();
  const [promote, { isLoading }] = usePromoteIdeaMutation();
  const set = (part: Partial<NewIdeaDto>): void =>
    void attempt(change({ id: idea.id, version: idea.version, newIdeaDto: { ...plainIdea(idea), ...part } }).unwrap());
  const isOpen = idea.figure === null && idea.lineUp === null;
  const make = async (lineUp?: string): Promise<void> => {
    const done = await attempt(promote({ id: idea.id, promoteDto: lineUp === undefined ? {} : { lineUp } }).unwrap());
    if (done) tell(`“${idea.title}” is planned${idea.who === '' ? '' : `, with the credit to ${idea.who}`}.`);
  };
  return (
    <li id={idea.id} className={`border-rule flex items-start gap-4 border-b py-2 ${isLit ? 'bg-lagoon-wash -mx-2 px-2' : ''}`}>
      <span className="flex w-20 shrink-0 items-center gap-1">
        <button
          type="button"
          aria-label={`One vote fewer for ${idea.title}`}
          disabled={idea.votes === 0}
          className="text-pencil hover:text-ink disabled:opacity-30"
          onClick={() => set({ votes: idea.votes - 1 })}
        >
          <Minus size={15} strokeWidth={1.75} />
        </button>
        <b className="w-7 text-center font-mono text-[1.13rem]" title={`${idea.votes} by hand, ${idea.polled} in polls`}>
          {idea.votes + idea.polled}
        </b>
        <button
          type="button"
          aria-label={`One vote more for ${idea.title}`}
          className="text-pencil hover:text-ink"
          onClick={() => set({ votes: idea.votes + 1 })}
        >
          <Plus size={15} strokeWidth={1.75} />
        </button>
      </span>
      <span className="min-w-0 flex-1">
        <button type="button" className="hover:text-lagoon text-left font-medium" onClick={onEdit}>
          {idea.title}
        </button>
        <span className="text-pencil ml-2 text-[0.87rem]">{idea.kind}</span>
        {idea.words !== '' && <span className="block text-[0.93rem] whitespace-pre-line">{idea.words}</span>}
        <span className="text-pencil block text-[0.87rem]">
          {idea.who === '' ? 'nobody’s in particular' : `${idea.who}${idea.heardAt === '' ? '' : `, ${idea.heardAt}`}`}
          {idea.polled > 0 && `; ${plural(idea.polled, 'vote')} in polls`}
        </span>
        {idea.state === 'declined' && idea.reason !== '' && <span className="block text-[0.93rem]">“{idea.reason}”</span>}
        {idea.parts.length > 0 && (
          <span className="mt-1 flex gap-1">
            {idea.parts
              .filter((part) => catalogue.has(part))
              .map((part) => (
                <SmallPart key={part} variant={catalogue.variant(part)} />
              ))}
          </span>
        )}
        <Photographs of={`idea:${idea.id}`} label={idea.title} />
      </span>
      <span className="flex shrink-0 flex-col items-end gap-1">
        <Choice
          aria-label={`State of ${idea.title}`}
          className="!w-36 !py-0.5"
          value={idea.state}
          options={IDEA_STATES.map((own) => ({ value: own, label: own }))}
          onChoose={(state) => set({ state })}
        />
        {isOpen && idea.state !== 'declined' && idea.kind === 'line-up' && (
          <Button className="!py-0.5" disabled={isLoading} onClick={() => void make()}>
            Begin the line-up
          </Button>
        )}
        {isOpen && idea.state !== 'declined' && (idea.kind === 'figure' || idea.kind === 'swap') && (
          <LineUpPicker
            label={`Plan ${idea.title} in`}
            placeholder="Plan it in…"
            className="!w-36 !py-0.5"
            value={null}
            onChoose={(id) => void make(id)}
          />
        )}
        {idea.isBinned && (
          <Link className="text-lagoon underline" to="/bin">
            what it became is in the bin
          </Link>
        )}
        {!isOpen && !idea.isBinned && (
          <Link
            className="text-lagoon underline"
            to={idea.figure === null ? `/line-ups/${idea.lineUp ?? ''}` : `/figures/${idea.figure}/brief`}
          >
            what it became
          </Link>
        )}
        <button
          type="button"
          className="text-pencil hover:text-ink text-[0.87rem]"
          aria-label={`Put ${idea.title} in the bin`}
          onClick={() => void attempt(putAway({ id: idea.id, awayDto: { isAway: true } }).unwrap())}
        >
          put in the bin
        </button>
      </span>
    </li>
  );
}
