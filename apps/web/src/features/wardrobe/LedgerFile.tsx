import { useState } from 'react';
import { apiPath, type LedgerReadingDto, useImportLedgerMutation } from '@/api';
import { Button, chooseFile, plural, sentenceOf, Sheet, tell } from '@/ui';

/** The whole ledger as a file, out and back in: what is new of it is told before it is taken. */
export function LedgerFile() {
  const [isOpen, setOpen] = useState(false);
  const [send, { isLoading }] = useImportLedgerMutation();
  const [looked, setLooked] = useState<{ readonly file: File; readonly reading: LedgerReadingDto } | null>(null);
  const [refusal, setRefusal] = useState<string | null>(null);
  const read = async (file: File, take: boolean): Promise<void> => {
    try {
      const body = new Blob([await file.arrayBuffer()], { type: 'application/octet-stream' });
      const reading = await send({ body, ...(take ? { take: 'yes' } : {}) }).unwrap();
      setRefusal(null);
      if (!take) return setLooked({ file, reading });
      tell.success(`${plural(reading.newEntries, 'entry', 'entries')} taken.`);
      setOpen(false);
    } catch (error) {
      setLooked(null);
      setRefusal(sentenceOf(error));
    }
  };
  return (
    <Sheet
      title="The ledger as a file"
      about="Every place, every lot and everything that was ever done with them. Read back, it adds what is not here yet; nothing is doubled."
      open={isOpen}
      onOpenChange={(next) => {
        setOpen(next);
        setLooked(null);
        setRefusal(null);
      }}
      trigger={<Button>Ledger…</Button>}
    >
      <div className="mt-3 space-y-3">
        <p>
          <a href={apiPath('wardrobe/ledger.json')} download className="text-lagoon underline">
            Export the ledger
          </a>
        </p>
        <Button disabled={isLoading} onClick={() => chooseFile('.json,application/json', (file) => void read(file, false))}>
          Read a ledger…
        </Button>
        {refusal !== null && (
          <p role="alert" className="text-madder">
            {refusal}
          </p>
        )}
        {looked && looked.reading.newEntries === 0 && <p>All {plural(looked.reading.entries, 'entry', 'entries')} are here already.</p>}
        {looked && looked.reading.newEntries > 0 && (
          <p className="space-y-2">
            <span className="block">
              {plural(looked.reading.newEntries, 'entry', 'entries')} of {looked.reading.entries} are new here.
            </span>
            <Button tone="act" disabled={isLoading} onClick={() => void read(looked.file, true)}>
              Take {looked.reading.newEntries === 1 ? 'it' : 'them'}
            </Button>
          </p>
        )}
      </div>
    </Sheet>
  );
}
