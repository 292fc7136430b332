import type { ReactNode } from 'react';
import { useNavigate } from 'react-router';
import { bringWorkspaceBack, useBeginWithMutation, useCreateWorkspaceMutation, useListWorkspacesQuery } from '@/api';
import { Button, chooseFile, plural, sentenceOf, tell } from '@/ui';

const DEMO = 'Demo';

/** The first page of an empty workspace: four ways to begin, and nothing else. */
export function BeginPage() {
  const navigate = useNavigate();
  const [beginWith, beginning] = useBeginWithMutation();
  const [create, creating] = useCreateWorkspaceMutation();
  const { data: workspaces = [] } = useListWorkspacesQuery();
  const withBasics = async (): Promise<void> => {
    try {
      const { moulds, colours } = await beginWith({ beginWithDto: { with: 'basics' } }).unwrap();
      tell.success(`${plural(moulds, 'plain mould')} in ${plural(colours, 'colour')} are yours now. Change any word of it.`);
    } catch (error) {
      tell.error(sentenceOf(error));
    }
  };
  const lookRound = async (): Promise<void> => {
    const known = workspaces.find((row) => row.name === DEMO);
    try {
      const { path } = known ?? (await create({ newWorkspaceDto: { name: DEMO, begin: 'demo' } }).unwrap());
      window.location.assign(`${path}/`);
    } catch (error) {
      tell.error(sentenceOf(error));
    }
  };
  const bringBack = async (chosen: File): Promise<void> => {
    try {
      const { path } = await bringWorkspaceBack(chosen);
      window.location.assign(`${path}/`);
    } catch (error) {
      tell.error(sentenceOf(error));
    }
  };
  return (
    <div className="dotted flex h-full flex-col items-center justify-center px-6 py-8">
      <h1 className="text-[2rem]">How do you want to begin?</h1>
      <p className="text-pencil mt-1">Nothing here is for ever: every word can be changed, and taken back.</p>
      <ul className="mt-7 grid w-full max-w-4xl grid-cols-2 gap-4 max-sm:grid-cols-1">
        <Way
          title="Start with the basics"
          about="Plain moulds of every family, a palette and a list of motifs. You add what is yours, part by part."
          act={
            <Button tone="act" disabled={beginning.isLoading} onClick={() => void withBasics()}>
              Start with the basics
            </Button>
          }
        />
        <Way
          title="Read a catalogue"
          about="A file somebody made, in whichever columns, or tables and archives that Outfit wrote. It is looked at before anything is taken."
          act={<Button onClick={() => void navigate('/catalogue/own?do=foreign')}>Choose a file…</Button>}
        />
        <Way
          title="Look round the demo"
          about="A made-up world with projects under way, in a workspace of its own beside this one. Nothing mixes."
          act={
            <Button disabled={creating.isLoading} onClick={() => void lookRound()}>
              {creating.isLoading ? 'Making it…' : 'Open the demo'}
            </Button>
          }
        />
        <Way
          title="Bring a whole workspace back"
          about="The file that “Carry it away” gave, from this machine or another. It opens beside this one."
          act={<Button onClick={() => chooseFile('.outfit', (chosen) => void bringBack(chosen))}>Choose the file…</Button>}
        />
      </ul>
    </div>
  );
}

interface WayProps {
  readonly title: string;
  readonly about: string;
  readonly act: ReactNode;
}

const Way = ({ title, about, act }: WayProps) => (
  <li className="border-rule bg-sheet flex flex-col border p-5">
    <h2 className="text-[1.2rem]">{title}</h2>
    <p className="text-pencil mt-1 mb-4 flex-1">{about}</p>
    <div>{act}</div>
  </li>
);
