import { amountOf, money } from '@outfit/core';
import { useState } from 'react';
import { Link } from 'react-router';
import { type DonorDto, useChangePlaceMutation, useCloseBoxMutation, useListPlacesQuery } from '@/api';
import { toPrices } from '@/parts';
import { AmountInput, attempt, Button, Input, Label, Picker, plural, useOneForm } from '@/ui';
import { priceWords, useWorkspace } from '@/workspace';
import { useDeeds } from '../deeds';
import { DonorPicture } from './DonorPicture';
import { WholeAgain } from './WholeAgain';
import type { useDonorPrices } from './useDonorPrices';

interface DonorPanelProps {
  readonly donor: DonorDto;
  readonly donors: readonly DonorDto[];
  readonly prices: ReturnType<typeof useDonorPrices>;
  readonly onGone: () => void;
}

type Doing = 'off' | 'sell' | 'box' | 'stand';

/** A whole figure beside the shelf: worth whole and in pieces, its holes, what is on it, and what can be done with it. */
export function DonorPanel({ donor, donors, prices, onGone }: DonorPanelProps) {
  const { catalogue, currency } = useWorkspace();
  const [change] = useChangePlaceMutation();
  const act = useDeeds();
  const form = useOneForm<Doing>();
  const worth = prices.worth(donor);
  const holes = prices.holes(donor);
  const nameOf = (variant: string): string => catalogue.nameOf(catalogue.variant(variant));
  const runs = donor.holds.map((held) => ({ id: held.run, quantity: held.quantity }));
  return (
    <aside
      aria-label={donor.name}
      className="border-rule bg-sheet min-h-0 space-y-3 overflow-auto border-l p-4 max-sm:border-t max-sm:border-l-0"
    >
      <div className="flex gap-3">
        <DonorPicture donor={donor} pxPerMm={3.4} />
        <div className="min-w-0">
          <h2 className="text-[1.07rem] leading-tight">{donor.name}</h2>
          <p className="text-pencil font-mono text-[0.8rem]">{donor.officialFigure}</p>
          <p className="text-[0.93rem]">{donor.place || 'No place yet'}</p>
          <label className="mt-2 flex items-center gap-2 text-[0.93rem]">
            <input
              type="checkbox"
              className="accent-lagoon"
              checked={donor.keepWhole}
              onChange={(event) => void attempt(change({ id: donor.id, placeChangeDto: { keepWhole: event.target.checked } }).unwrap())}
            />
            Keep whole
          </label>
        </div>
      </div>
      <dl className="grid grid-cols-[auto_1fr] gap-x-3 text-[0.93rem]">
        <dt className="text-pencil">Worth whole</dt>
        <dd className="font-mono">
          {donor.holes.length > 0 ? 'not whole' : worth.wholeMinor === null ? 'nobody sells it whole' : money(worth.wholeMinor, currency)}
        </dd>
        <dt className="text-pencil">In pieces</dt>
        <dd className="font-mono">{money(worth.inPiecesMinor, currency)}</dd>
        {donor.holes.length > 0 && (
          <>
            <dt className="text-pencil">To make whole</dt>
            <dd data-testid="to-make-whole">
              <WholeAgain figure={donor.id} aboutMinor={holes.minor} />
            </dd>
          </>
        )}
      </dl>
      {donor.holes.length > 0 && (
        <section aria-label="Holes">
          <h3 className="text-[0.93rem] font-semibold">Holes</h3>
          <ul className="text-[0.93rem]">
            {donor.holes.map((hole) => (
              <li key={`${hole.position} ${hole.place}`} className="flex items-baseline gap-2">
                <Link to={toPrices('variant', hole.variant)} className="min-w-0 flex-1 truncate underline">
                  {nameOf(hole.variant)}
                </Link>
                <Price variant={hole.variant} />
              </li>
            ))}
          </ul>
          <Link to={`/wardrobe/errand?figure=${donor.id}`} className="text-lagoon text-[0.93rem] underline">
            Plan an errand for them
          </Link>
        </section>
      )}
      <section aria-label="On it">
        <h3 className="text-[0.93rem] font-semibold">On it, and what it loses when that comes off</h3>
        <ul className="text-[0.93rem]">
          {donor.holds.map((held) => (
            <li key={held.run} className="border-rule border-b py-1">
              <span className="flex items-baseline gap-2">
                <span className="min-w-0 flex-1 truncate">
                  {held.quantity > 1 && <span className="font-mono">{held.quantity} × </span>}
                  {nameOf(held.variant)}
                </span>
                {!donor.keepWhole && <span className="font-mono">{money(prices.loss(donor, held.variant), currency)}</span>}
              </span>
              <span className="text-pencil block text-[0.87rem]">
                {held.promisedTo.length > 0 && `promised to ${held.promisedTo.join(', ')}`}
                <Least donor={donor} donors={donors} variant={held.variant} prices={prices} />
              </span>
            </li>
          ))}
        </ul>
      </section>
      <div className="flex flex-wrap gap-1.5">
        {(
          [
            ['off', 'Take it apart'],
            ['sell', 'Sold whole'],
            ['box', 'Back into a box'],
            ['stand', 'Stands elsewhere'],
          ] as const
        ).map(([what, words]) => (
          <Button key={what} aria-pressed={form.open === what} className="!px-2 !py-0.5" onClick={() => form.toggle(what)}>
            {words}
          </Button>
        ))}
      </div>
      {form.open === 'off' && (
        <IntoPlace
          label="All its parts go to"
          act="Take it apart"
          onPlace={(to) => act({ deed: 'move', to }, runs).then((done) => done && onGone())}
        />
      )}
      {form.open === 'stand' && (
        <IntoPlace
          label="It stands in"
          act="Put it there"
          onPlace={(parent) =>
            attempt(change({ id: donor.id, placeChangeDto: { parent } }).unwrap()).then((done) => done && form.close('stand'))
          }
        />
      )}
      {form.open === 'sell' && (
        <Sell onSold={(broughtMinor) => act({ deed: 'sell', broughtMinor }, runs).then((done) => done && onGone())} />
      )}
      {form.open === 'box' && <IntoBox donor={donor} onDone={onGone} />}
    </aside>
  );
}

function Price({ variant }: { readonly variant: string }) {
  const { prices, currency } = useWorkspace();
  const price = prices.get(variant);
  return <span className="font-mono">{price ? priceWords(price, currency) : 'not sold'}</span>;
}

/** Of several whole figures with a part, the one that loses least by it. */
function Least({ donor, donors, variant, prices }: Omit<DonorPanelProps, 'onGone'> & { readonly variant: string }) {
  const { currency } = useWorkspace();
  const others = donors.filter((other) => !other.keepWhole && other.holds.some((held) => held.variant === variant));
  const [least] = others
    .map((other) => ({ other, minor: prices.loss(other, variant) }))
    .sort((a, b) => a.minor - b.minor || b.other.holes.length - a.other.holes.length);
  if (!least || others.length < 2 || (!donor.keepWhole && least.minor >= prices.loss(donor, variant))) return null;
  return (
    <span className="text-lagoon block">
      {least.other.name} in {least.other.place} loses only {money(least.minor, currency)}
    </span>
  );
}

interface IntoPlaceProps {
  readonly label: string;
  readonly act: string;
  readonly onPlace: (place: string) => Promise<unknown>;
}

function IntoPlace({ label, act, onPlace }: IntoPlaceProps) {
  const options = useMadePlaces();
  const [place, setPlace] = useState<string | null>(null);
  return (
    <form
      className="border-rule bg-paper space-y-2 border p-3"
      onSubmit={(event) => {
        event.preventDefault();
        if (place !== null) void onPlace(place);
      }}
    >
      <Picker label={label} placeholder={`${label}…`} value={place} options={options} onChoose={setPlace} />
      <Button type="submit" tone="act" disabled={place === null}>
        {act}
      </Button>
    </form>
  );
}

function Sell({ onSold }: { readonly onSold: (broughtMinor: number) => Promise<unknown> }) {
  const { currency } = useWorkspace();
  const [amount, setAmount] = useState('');
  const minor = amountOf(amount, currency);
  return (
    <form
      className="border-rule bg-paper space-y-2 border p-3"
      onSubmit={(event) => {
        event.preventDefault();
        if (typeof minor === 'number') void onSold(minor);
      }}
    >
      <Label text={`What it brought, in ${currency}`}>
        <AmountInput currency={currency} value={amount} onType={setAmount} />
      </Label>
      <Button type="submit" tone="act" disabled={typeof minor !== 'number'}>
        Sold whole
      </Button>
    </form>
  );
}

function IntoBox({ donor, onDone }: { readonly donor: DonorDto; readonly onDone: () => void }) {
  const [close] = useCloseBoxMutation();
  const [name, setName] = useState(donor.name);
  const options = useMadePlaces();
  const [place, setPlace] = useState<string | null>(donor.placeId);
  return (
    <form
      className="border-rule bg-paper space-y-2 border p-3"
      onSubmit={(event) => {
        event.preventDefault();
        if (place === null || name.trim() === '') return;
        void attempt(close({ closeBoxDto: { name: name.trim(), donors: [donor.id], place } }).unwrap()).then((done) => done && onDone());
      }}
    >
      <Label text="What the box is called">
        <Input value={name} maxLength={80} onChange={(event) => setName(event.target.value)} />
      </Label>
      <Picker label="It stands in" placeholder="It stands in…" value={place} options={options} onChoose={setPlace} />
      <p className="text-pencil text-[0.87rem]">What is in a sealed box is owned and out of reach until it is opened.</p>
      <Button type="submit" tone="act" disabled={place === null || name.trim() === ''}>
        Seal it
      </Button>
    </form>
  );
}

/** Places things can be put down in. */
export function useMadePlaces() {
  const { data: places = [] } = useListPlacesQuery();
  return places
    .filter((place) => place.kind === 'made' && place.path !== '')
    .map((place) => ({ value: place.id, text: place.path, more: plural(place.pieces, 'piece') }));
}
