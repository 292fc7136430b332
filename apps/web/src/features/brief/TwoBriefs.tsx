import type { BriefDto } from '@/api';
import { Button, Heads } from '@/ui';

const WORDS: Readonly<Record<keyof BriefDto, string>> = {
  name: 'Name',
  story: 'Story',
  system: 'Toy line',
  features: 'Wishes',
  colours: 'Colours',
  ageBand: 'Age',
  born: 'Year of birth',
  year: 'Year of the story',
  skinSchool: 'Skin school',
  alterationSchool: 'Alteration school',
  notSeen: 'Not seen',
  mainColours: 'How many main colours',
  bannedSources: 'Banned sources',
  bannedFigures: 'Banned figures',
  rules: 'Rules',
  budgetMinor: 'Budget',
  copies: 'Copies',
  dueOn: 'Due',
  neverWith: 'Never shown with',
  newOnly: 'New pieces only',
  requester: 'Who asked',
  credit: 'Whose idea',
};

function fieldWords(brief: BriefDto, key: keyof BriefDto): string {
  const value = brief[key];
  if (key === 'features') return brief.features.map((feature) => feature.label).join(', ') || 'none';
  if (Array.isArray(value)) return value.join(', ') || 'none';
  return value === null || value === '' ? 'not said' : String(value);
}

interface TwoBriefsProps {
  readonly mine: BriefDto;
  readonly theirs: BriefDto;
  readonly onSettle: (which: 'mine' | 'theirs') => void;
}

/** A brief that was changed in two places: what differs, side by side, and which of them is to stand. */
export function TwoBriefs({ mine, theirs, onSettle }: TwoBriefsProps) {
  const differing = (Object.keys(WORDS) as (keyof BriefDto)[]).filter((key) => JSON.stringify(mine[key]) !== JSON.stringify(theirs[key]));
  return (
    <section role="alert" aria-label="Changed in two places" className="border-madder bg-sheet mt-3 border-l-[3px] p-3 text-[0.93rem]">
      <p>This brief was changed elsewhere meanwhile, perhaps in another tab. Nothing of yours was saved yet.</p>
      <table className="mt-2 w-full">
        <Heads names={['', 'Here', 'Elsewhere']} />
        <tbody>
          {differing.map((key) => (
            <tr key={key} className="border-rule border-t align-top">
              <th scope="row" className="py-1 pr-2 text-left font-medium">
                {WORDS[key]}
              </th>
              <td className="py-1 pr-2 break-words">{fieldWords(mine, key)}</td>
              <td className="py-1 break-words">{fieldWords(theirs, key)}</td>
            </tr>
          ))}
        </tbody>
      </table>
      <div className="mt-2 flex flex-wrap gap-2">
        <Button tone="act" onClick={() => onSettle('mine')}>
          Keep what is here
        </Button>
        <Button onClick={() => onSettle('theirs')}>Take the other</Button>
      </div>
    </section>
  );
}
