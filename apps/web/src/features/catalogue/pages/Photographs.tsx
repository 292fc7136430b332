import { useAddPhotographMutation, useListPhotographsQuery, apiPath } from '@/api';
import { sentenceOf, tell } from '@/ui';

const FACES = ['front', 'back', 'left', 'right', 'second face'] as const;

interface PhotographsProps {
  readonly kind: 'print' | 'variant' | 'mould';
  readonly item: string;
}

/** A person's own photographs of an entry, one for each face. */
export function Photographs({ kind, item }: PhotographsProps) {
  const { data: photographs = [] } = useListPhotographsQuery({ kind, item });
  const [add] = useAddPhotographMutation();
  const upload = async (face: (typeof FACES)[number], file: File): Promise<void> => {
    try {
      await add({ kind, item, face, body: file }).unwrap();
      tell.success('Photograph kept.');
    } catch (error) {
      tell.error(sentenceOf(error));
    }
  };
  return (
    <section aria-label="Photographs" className="mt-3">
      <h2 className="text-[1.07rem]">Photographs</h2>
      <ul className="mt-1 grid grid-cols-5 gap-1.5">
        {FACES.map((face) => {
          const photograph = photographs.find((row) => row.face === face);
          return (
            <li key={face} className="text-center text-[0.8rem]">
              <label className="border-pencil rounded-cut hover:border-lagoon block cursor-pointer border border-dashed">
                {photograph ? (
                  <img
                    src={apiPath(`photographs/${photograph.id}`)}
                    alt={`${face} of ${item}`}
                    className="aspect-square w-full object-cover"
                  />
                ) : (
                  <span className="text-lagoon flex aspect-square items-center justify-center">add</span>
                )}
                <input
                  type="file"
                  accept="image/png,image/jpeg,image/webp"
                  aria-label={`Photograph of the ${face}`}
                  className="sr-only"
                  onChange={(event) => {
                    const [file] = event.target.files ?? [];
                    event.target.value = '';
                    if (file) void upload(face, file);
                  }}
                />
              </label>
              <span className="text-pencil">{face === 'second face' ? '2nd face' : face}</span>
            </li>
          );
        })}
      </ul>
    </section>
  );
}
