import { ImagePlus, X } from 'lucide-react';
import { useEffect, useRef, useState } from 'react';
import { apiPath, type StackedPhotographDto, useListStackQuery, useStackPhotographMutation, useTakeOffStackMutation } from '@/api';
import { attempt, Button, plural, sentenceOf, tell } from '@/ui';
import { useWorkspace } from '@/workspace';
import { NothingYet } from '../../NothingYet';
import { PhotoDesk } from './PhotoDesk';

/**
 * Parts from photographs: they are taken, dropped or pasted onto a stack, which waits however often one is interrupted, and worked through one
 * by one.
 */
export function PhotosForm() {
  const { catalogue } = useWorkspace();
  const { data: stack = [] } = useListStackQuery();
  const [add] = useStackPhotographMutation();
  const [takeOff] = useTakeOffStackMutation();
  const [asked, setAsked] = useState<string | null>(null);
  const [mould, setMould] = useState(
    catalogue.data.moulds.find((row) => row.family === 'hair')?.number ?? catalogue.data.moulds[0]?.number ?? '',
  );
  const [reading, setReading] = useState(0);
  const open = stack.find((row) => row.id === asked) ?? stack[0];
  const put = async (files: readonly File[]): Promise<void> => {
    setReading((before) => before + files.length);
    for (const file of files) {
      try {
        await add({ name: file.name.slice(0, 200) || 'photograph', body: file }).unwrap();
      } catch (error) {
        tell.error(`${file.name}: ${sentenceOf(error)}`);
      } finally {
        setReading((before) => before - 1);
      }
    }
  };
  usePasted(put);
  if (!catalogue.hasMould(mould) || catalogue.data.colours.length === 0) return <NothingYet what="moulds and colours" />;
  return (
    <div
      className="space-y-3"
      onDragOver={(event) => event.preventDefault()}
      onDrop={(event) => {
        event.preventDefault();
        void put([...event.dataTransfer.files]);
      }}
    >
      <div className="flex items-stretch gap-2 overflow-x-auto pb-1">
        <AddPhotographs onFiles={(files) => void put(files)} />
        {stack.map((photograph) => (
          <Stacked
            key={photograph.id}
            photograph={photograph}
            isOpen={photograph === open}
            onOpen={() => setAsked(photograph.id)}
            onTakeOff={() => void attempt(takeOff({ id: photograph.id }).unwrap())}
          />
        ))}
      </div>
      <p role="status" className="text-pencil text-[0.93rem]">
        {reading > 0
          ? `Reading ${plural(reading, 'photograph')}…`
          : stack.length === 0
            ? 'Nothing waits. What is put here is drawn anew and smaller: where it was taken is not kept.'
            : `${plural(stack.length, 'photograph')} on the stack. It waits for you if you are interrupted.`}
      </p>
      {open && <PhotoDesk key={open.id} photograph={open} mould={catalogue.mould(mould)} onMould={setMould} />}
    </div>
  );
}

/** Pictures that are pasted anywhere on the page. */
function usePasted(put: (files: readonly File[]) => Promise<void>): void {
  const latest = useRef(put);
  useEffect(() => {
    latest.current = put;
  });
  useEffect(() => {
    const onPaste = (event: ClipboardEvent): void => {
      const files = [...(event.clipboardData?.files ?? [])].filter((file) => file.type.startsWith('image/'));
      if (files.length > 0) void latest.current(files);
    };
    window.addEventListener('paste', onPaste);
    return () => window.removeEventListener('paste', onPaste);
  }, []);
}

const AddPhotographs = ({ onFiles }: { readonly onFiles: (files: readonly File[]) => void }) => (
  <label className="border-pencil rounded-cut hover:border-lagoon text-lagoon flex h-20 w-28 shrink-0 cursor-pointer flex-col items-center justify-center border border-dashed text-center text-[0.87rem]">
    <ImagePlus size={20} strokeWidth={1.75} />
    Take or choose
    <input
      type="file"
      multiple
      accept="image/png,image/jpeg,image/webp"
      aria-label="Photographs of parts"
      className="sr-only"
      onChange={(event) => {
        onFiles([...(event.target.files ?? [])]);
        event.target.value = '';
      }}
    />
  </label>
);

interface StackedProps {
  readonly photograph: StackedPhotographDto;
  readonly isOpen: boolean;
  readonly onOpen: () => void;
  readonly onTakeOff: () => void;
}

const Stacked = ({ photograph, isOpen, onOpen, onTakeOff }: StackedProps) => (
  <span className={`relative shrink-0 border-2 ${isOpen ? 'border-lagoon' : 'border-transparent'}`}>
    <button type="button" aria-pressed={isOpen} aria-label={photograph.name} onClick={onOpen}>
      <img src={apiPath(`photographs/${photograph.file}`)} alt="" className="size-19 object-cover" />
    </button>
    <Button className="!absolute top-0 right-0 !p-0.5" aria-label={`Leave ${photograph.name} out`} onClick={onTakeOff}>
      <X size={13} strokeWidth={1.75} />
    </Button>
  </span>
);
