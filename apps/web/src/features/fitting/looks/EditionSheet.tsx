import { editionIn, type SkinSchool, skinsFor } from '@outfit/core';
import { useState } from 'react';
import { type LookDto, useAddEditionMutation } from '@/api';
import { Swatch } from '@/parts';
import { Button, plural, sentenceOf, tell } from '@/ui';
import { useWorkspace } from '@/workspace';

const SCHOOLS: readonly (readonly [school: SkinSchool, title: string])[] = [
  ['house', 'House tone: everybody alike'],
  ['natural', 'Natural tones, the nearest first'],
];

interface EditionSheetProps {
  readonly look: LookDto;
  /** With the new look, or null when nothing was made. */
  readonly onDone: (look: string | null) => void;
}

/** The same look with everything bare in another skin, as a look beside it. */
export function EditionSheet({ look, onDone }: EditionSheetProps) {
  const { catalogue } = useWorkspace();
  const [add, { isLoading }] = useAddEditionMutation();
  const [busy, setBusy] = useState<string | null>(null);
  const make = async (skin: string): Promise<void> => {
    setBusy(skin);
    try {
      const name = `${look.name}, ${catalogue.colour(skin).name}`.slice(0, 60);
      const { looks } = await add({ id: look.id, editionDto: { name, skin } }).unwrap();
      onDone(looks.at(-1)?.id ?? null);
    } catch (error) {
      tell.error(sentenceOf(error));
    } finally {
      setBusy(null);
    }
  };
  return (
    <div className="mt-3 space-y-3">
      {SCHOOLS.map(([school, title]) => (
        <section key={school} aria-label={title}>
          <h3 className="text-pencil font-sans text-[0.93rem] font-semibold">{title}</h3>
          <ul className="mt-1 space-y-1">
            {skinsFor(look, school, catalogue).map((skin) => {
              const { imagined } = editionIn(look, skin, catalogue);
              return (
                <li key={skin.id} className="flex items-center gap-2">
                  <span className="flex-1">
                    <Swatch
                      colour={skin}
                      reading={imagined.length === 0 ? 'every part exists' : `${plural(imagined.length, 'part')} on paper only`}
                    />
                  </span>
                  <Button className="!py-0.5" disabled={isLoading} onClick={() => void make(skin.id)}>
                    {busy === skin.id ? 'Making…' : 'Make this edition'}
                  </Button>
                </li>
              );
            })}
          </ul>
        </section>
      ))}
    </div>
  );
}
