import type { Look } from '@outfit/core';
import { ImagePlus } from 'lucide-react';
import { type DragEvent, useEffect, useRef, useState } from 'react';
import {
  type BriefDto,
  type FigureDto,
  type LookDto,
  type ReferencePictureDto,
  useAddReferenceMutation,
  useBinReferenceMutation,
  useRestoreReferenceMutation,
  apiPath,
} from '@/api';
import { attempt, Button, tell, useAddress } from '@/ui';
import { PictureDesk } from './PictureDesk';

const TYPES = ['image/png', 'image/jpeg', 'image/webp'];
const MOST_BYTES = 20_000_000;

interface PicturesProps {
  readonly figure: FigureDto;
  readonly pictures: readonly ReferencePictureDto[];
  readonly brief: BriefDto;
  readonly look: Look | LookDto;
  readonly onChange: (part: Partial<BriefDto>) => void;
}

/** Reference pictures: dropped, pasted or chosen; looked at closely, picked from and pinned. */
export function Pictures({ figure, pictures, brief, look, onChange }: PicturesProps) {
  const [params, changeAddress] = useAddress();
  const [add, { isLoading }] = useAddReferenceMutation();
  const [bin] = useBinReferenceMutation();
  const [restore] = useRestoreReferenceMutation();
  const [hovering, setHovering] = useState(false);
  const open = pictures.find((picture) => picture.id === params.get('picture')) ?? pictures.at(-1);
  const show = (id: string): void => changeAddress((next) => next.set('picture', id));
  const take = async (file: File): Promise<void> => {
    if (!TYPES.includes(file.type)) return void tell.error('This is no PNG, JPEG or WebP picture. Nothing was added.');
    if (file.size > MOST_BYTES) return void tell.error('The picture is over 20 MB. Make it smaller and try again.');
    const all = await attempt(add({ id: figure.id, name: file.name || 'Pasted picture', body: file }).unwrap());
    const last = all?.at(-1);
    if (last) show(last.id);
  };
  // Pictures that come together are added one after another, so that they lie in the order they came in.
  const adding = useRef(Promise.resolve());
  const takeAll = (files: Iterable<File>): void => {
    for (const file of files) adding.current = adding.current.then(() => take(file));
  };
  const latest = useRef(take);
  useEffect(() => {
    latest.current = take;
  });
  useEffect(() => {
    const onPaste = (event: ClipboardEvent): void => {
      const file = [...(event.clipboardData?.files ?? [])].find((row) => TYPES.includes(row.type));
      if (!file) return;
      event.preventDefault();
      void latest.current(file);
    };
    window.addEventListener('paste', onPaste);
    return () => window.removeEventListener('paste', onPaste);
  }, []);
  const throwAway = async (picture: ReferencePictureDto): Promise<void> => {
    if ((await attempt(bin({ id: picture.id }).unwrap())) === null) return;
    tell(`“${picture.name}” is in the bin.`, {
      action: { label: 'Take it out', onClick: () => void attempt(restore({ id: picture.id }).unwrap()) },
    });
  };
  const onDrop = (event: DragEvent): void => {
    event.preventDefault();
    setHovering(false);
    takeAll(event.dataTransfer.files);
  };
  return (
    <div
      className={`flex min-h-0 flex-1 flex-col ${hovering ? 'outline-lagoon outline-2 outline-dashed' : ''}`}
      onDragOver={(event) => {
        event.preventDefault();
        setHovering(true);
      }}
      onDragLeave={() => setHovering(false)}
      onDrop={onDrop}
    >
      <div className="flex items-center gap-2">
        {pictures.map((picture) => (
          <button
            key={picture.id}
            type="button"
            aria-pressed={picture.id === open?.id}
            onClick={() => show(picture.id)}
            title={picture.name}
            className={`rounded-cut h-12 w-12 overflow-hidden border-2 ${picture.id === open?.id ? 'border-lagoon' : 'border-rule'}`}
          >
            <img src={apiPath(`photographs/${picture.file}`)} alt={picture.name} className="h-full w-full object-cover" />
          </button>
        ))}
        <label className="border-pencil rounded-cut hover:border-lagoon text-lagoon flex h-12 cursor-pointer items-center gap-2 border border-dashed px-3">
          <ImagePlus size={18} strokeWidth={1.75} />
          {isLoading ? 'Adding…' : 'Add a picture'}
          <input
            type="file"
            accept={TYPES.join(',')}
            className="sr-only"
            onChange={(event) => {
              const [file] = event.target.files ?? [];
              event.target.value = '';
              if (file) void take(file);
            }}
          />
        </label>
        <span className="text-pencil text-[0.87rem]">or drop it here, or paste it. Up to 20 MB; what the camera noted is taken out.</span>
        {open && (
          <Button tone="quiet" className="ml-auto" onClick={() => void throwAway(open)}>
            Put in the bin
          </Button>
        )}
      </div>
      {open ? (
        <PictureDesk key={open.id} picture={open} figure={figure.id} brief={brief} look={look} onChange={onChange} />
      ) : (
        <p className="text-pencil mt-6 max-w-prose">
          A picture of who you have in mind. Colours can be picked from it area by area, and Outfit says which palette colours come nearest
          and which parts exist in them.
        </p>
      )}
    </div>
  );
}
