import { Camera, X } from 'lucide-react';
import { apiPath, useAddWardrobePictureMutation, useListWardrobePicturesQuery, useRemoveWardrobePictureMutation } from '@/api';
import { attempt, Button, chooseFile } from '@/ui';

/** Photographs of a place, or of the pieces of a run (`run-12`): added, looked at in full, taken away. */
export function Photographs({ of, label, isLarge = false }: { readonly of: string; readonly label: string; readonly isLarge?: boolean }) {
  const { data: pictures = [] } = useListWardrobePicturesQuery({ of });
  const [add, { isLoading }] = useAddWardrobePictureMutation();
  const [remove] = useRemoveWardrobePictureMutation();
  return (
    <section aria-label={`Photographs of ${label}`} className="flex flex-wrap items-center gap-2">
      {pictures.map((picture) => (
        <span key={picture.id} className="relative">
          <a href={apiPath(`photographs/${picture.file}`)} target="_blank" rel="noreferrer">
            <img
              src={apiPath(`photographs/${picture.file}`)}
              alt={label}
              className={`border-rule rounded-cut border object-cover ${isLarge ? 'h-44' : 'h-16'}`}
            />
          </a>
          <Button
            tone="quiet"
            className="!bg-sheet absolute -top-2 -right-2 !rounded-full !p-0.5"
            aria-label="Take the photograph away"
            onClick={() => void attempt(remove({ id: picture.id }).unwrap())}
          >
            <X size={13} strokeWidth={2} />
          </Button>
        </span>
      ))}
      <Button
        tone="quiet"
        className="!px-1.5 !py-0.5 text-[0.87rem]"
        disabled={isLoading}
        onClick={() => chooseFile('image/png,image/jpeg,image/webp', (body) => void attempt(add({ of, body }).unwrap()))}
      >
        <Camera size={15} strokeWidth={1.75} /> Photograph
      </Button>
    </section>
  );
}
