import { colourDifference, mainColourOf, readDifference, type Variant, variantIdOf } from '@outfit/core';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import { useSaveEntryMutation } from '@/api';
import { ColourPicker } from '@/parts';
import { Button, sentenceOf, tell } from '@/ui';
import { useWorkspace } from '@/workspace';
import { toVariant } from '../paths';

/** The same part pictured in another colour, kept as imagined until somebody makes it; and the way to say it was made. */
export function ImagineColour({ variant }: { readonly variant: Variant }) {
  const { catalogue, today } = useWorkspace();
  const navigate = useNavigate();
  const [save, { isLoading }] = useSaveEntryMutation();
  const [colour, setColour] = useState(variant.colours[0] ?? '');
  const index = catalogue.mouldOf(variant).hairColour ?? 0;
  const colours = variant.colours.map((id, i) => (i === index ? colour : id));
  const id = variantIdOf(variant.mould, colours, variant.print);
  const known = catalogue.has(id);
  const deltaE = colourDifference(catalogue.colour(colour), mainColourOf(variant, catalogue));
  const keep = async (row: Variant, said: string): Promise<void> => {
    try {
      const { notices } = await save({ saveEntryDto: { kind: 'variants', row } }).unwrap();
      tell.success(notices > 0 ? `${said} ${notices === 1 ? 'One figure was' : `${notices} figures were`} told.` : said);
      void navigate(toVariant(row.id));
    } catch (error) {
      tell.error(sentenceOf(error));
    }
  };
  return (
    <div className="mt-2 flex flex-wrap items-center gap-2">
      <span className="flex items-center gap-1.5">
        In another colour:
        <ColourPicker label="In another colour" className="!w-44 !py-0.5" value={colour} onChoose={setColour} />
      </span>
      {colour !== variant.colours[index] && (
        <>
          <span className="text-pencil">
            {deltaE.toFixed(1)} off: {readDifference(deltaE)}
          </span>
          {known ? (
            <Button onClick={() => void navigate(toVariant(id))}>See it: it is in the catalogue</Button>
          ) : (
            <Button
              disabled={isLoading}
              onClick={() =>
                void keep(
                  { id, mould: variant.mould, colours, ...(variant.print === undefined ? {} : { print: variant.print }) },
                  'Kept as imagined.',
                )
              }
            >
              Imagine it
            </Button>
          )}
        </>
      )}
      {!variant.made && (
        <Button
          tone="act"
          disabled={isLoading}
          onClick={() => {
            const year = Number(today.slice(0, 4));
            void keep({ ...variant, made: { from: year, until: year } }, 'Noted as made.');
          }}
        >
          It has been made after all
        </Button>
      )}
    </div>
  );
}
