import { inUnits, isCurrency } from '@outfit/core';
import { type ReactElement, useState } from 'react';
import { type SellerDto, useAddSellerMutation, useChangeSellerMutation } from '@/api';
import { Button, Input, Label, sentenceOf, Sheet, tell } from '@/ui';
import { useWorkspace } from '@/workspace';
import { draftOf, emptySeller, readDraft, type SellerDraft } from './draft';

interface SellerSheetProps {
  readonly trigger: ReactElement;
  /** The seller whose terms are written anew; a new one when there is none. */
  readonly seller?: SellerDto;
  readonly onKept: (id: string) => void;
}

/** A seller written down by hand, with what an order from it costs beside its parts. */
export function SellerSheet({ trigger, seller, onKept }: SellerSheetProps) {
  const [isOpen, setOpen] = useState(false);
  return (
    <Sheet
      title={seller ? `Terms of ${seller.name}` : 'A seller'}
      about="Amounts in the seller’s own currency. Offers follow, part by part or from a file."
      open={isOpen}
      onOpenChange={setOpen}
      trigger={trigger}
    >
      <Fields
        {...(seller && { seller })}
        onKept={(id) => {
          setOpen(false);
          onKept(id);
        }}
      />
    </Sheet>
  );
}

function Fields({ seller, onKept }: Pick<SellerSheetProps, 'seller' | 'onKept'>) {
  const { currency } = useWorkspace();
  const [draft, setDraft] = useState<SellerDraft>(() => (seller ? draftOf(seller) : emptySeller(currency)));
  const [add, adding] = useAddSellerMutation();
  const [change, changing] = useChangeSellerMutation();
  const set = (part: Partial<SellerDraft>): void => setDraft((now) => ({ ...now, ...part }));
  const read = readDraft(draft);
  const typed = draft.currency.trim().toUpperCase();
  const known = isCurrency(typed) ? typed : currency;
  const submit = async (): Promise<void> => {
    if ('fault' in read) return;
    try {
      const sellerByHandDto = read.seller;
      const { id } = await (
        seller ? change({ id: seller.id, version: seller.version, sellerByHandDto }) : add({ sellerByHandDto })
      ).unwrap();
      tell.success(seller ? 'Terms kept.' : `${read.seller.name} added.`);
      onKept(id);
    } catch (error) {
      tell.error(sentenceOf(error));
    }
  };
  const text = (key: 'name' | 'country' | 'currency' | 'days' | 'minimum' | 'handling' | 'freeFrom', label: string, more = {}) => (
    <Label text={label}>
      <Input value={draft[key]} onChange={(event) => set({ [key]: event.target.value })} {...more} />
    </Label>
  );
  return (
    <form
      className="mt-3 space-y-3"
      onSubmit={(event) => {
        event.preventDefault();
        void submit();
      }}
    >
      {text('name', 'Name', { maxLength: 80, autoFocus: true })}
      <div className="grid grid-cols-3 gap-3">
        {text('country', 'Country, two letters', { maxLength: 2, placeholder: 'NL' })}
        {text('currency', 'Currency', { maxLength: 3 })}
        {text('days', 'Days on the way', { inputMode: 'numeric' })}
      </div>
      <fieldset>
        <legend className="text-pencil mb-0.5 text-[0.87rem]">Postage</legend>
        {draft.steps.map((step, i) => (
          <div key={i} className="mb-1 flex items-center gap-2">
            up to
            <Input
              aria-label={`Step ${i + 1}, grams`}
              inputMode="numeric"
              className="!w-24"
              value={step.upToG}
              onChange={(event) => set({ steps: draft.steps.map((row, k) => (k === i ? { ...row, upToG: event.target.value } : row)) })}
            />
            g
            <Input
              aria-label={`Step ${i + 1}, costs`}
              inputMode="decimal"
              placeholder={inUnits(395, known)}
              className="!w-24"
              value={step.cost}
              onChange={(event) => set({ steps: draft.steps.map((row, k) => (k === i ? { ...row, cost: event.target.value } : row)) })}
            />
            {draft.steps.length > 1 && (
              <Button tone="quiet" onClick={() => set({ steps: draft.steps.filter((_, k) => k !== i) })}>
                Leave out
              </Button>
            )}
          </div>
        ))}
        {draft.steps.length < 12 && (
          <Button className="!py-0.5" onClick={() => set({ steps: [...draft.steps, { upToG: '', cost: '' }] })}>
            Another step
          </Button>
        )}
      </fieldset>
      <div className="grid grid-cols-3 gap-3">
        {text('minimum', 'Sells from', { inputMode: 'decimal', placeholder: 'any amount' })}
        {text('handling', 'Packing', { inputMode: 'decimal', placeholder: 'nothing' })}
        {text('freeFrom', 'Posts free from', { inputMode: 'decimal', placeholder: 'never' })}
      </div>
      <div className="flex gap-5">
        <label className="flex items-center gap-1.5">
          <input
            type="checkbox"
            className="accent-lagoon"
            checked={draft.trusted}
            onChange={(event) => set({ trusted: event.target.checked })}
          />
          I trust it
        </label>
        <label className="flex items-center gap-1.5">
          <input
            type="checkbox"
            className="accent-lagoon"
            checked={draft.thirdParty}
            onChange={(event) => set({ thirdParty: event.target.checked })}
          />
          It makes parts of its own
        </label>
      </div>
      {'fault' in read && draft.name !== '' && <p className="text-saffron">{read.fault}</p>}
      <Button type="submit" tone="act" disabled={'fault' in read || adding.isLoading || changing.isLoading}>
        {seller ? 'Keep the terms' : 'Add this seller'}
      </Button>
    </form>
  );
}
