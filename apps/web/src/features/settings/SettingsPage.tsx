import { list, money } from '@outfit/core';
import { useChangeSettingsMutation, useReadSettingsQuery } from '@/api';
import { UndoButtons } from '@/parts';
import { attempt, Picker, tell } from '@/ui';
import { useUndo } from '@/workspace';

const NAMES = new Intl.DisplayNames('en', { type: 'currency' });
const CURRENCIES = Intl.supportedValuesOf('currency').map((code) => ({ value: code, text: `${code}, ${NAMES.of(code) ?? ''}` }));

/** What this workspace is set to. */
export function SettingsPage() {
  const { data: settings } = useReadSettingsQuery();
  const [change, { isLoading }] = useChangeSettingsMutation();
  const undoing = useUndo('settings', 'all');
  if (!settings) return null;
  const { currency, keptInIt, version } = settings;
  const reckonIn = async (next: string): Promise<void> => {
    if (await attempt(change({ version, newSettingsDto: { currency: next } }).unwrap())) tell.success(`Reckoned in ${next} now.`);
  };
  return (
    <div className="mx-auto max-w-2xl px-6 py-4">
      <div className="flex items-baseline gap-4">
        <h1 className="text-2xl">Settings</h1>
        <p className="text-pencil flex-1">of this workspace alone</p>
        <UndoButtons undoing={undoing} />
      </div>
      <section aria-label="Currency" className="border-rule bg-sheet mt-4 space-y-2 border p-4">
        <h2 className="text-[1.07rem]">Currency</h2>
        <p>
          Everything is reckoned in it: a part that costs a little reads <span className="font-mono">{money(42, currency)}</span>. Sellers
          may ask in others; what they ask is converted by the rates of the day.
        </p>
        <Picker
          label="Currency"
          className="max-w-80"
          value={currency}
          options={CURRENCIES}
          disabled={isLoading || keptInIt.length > 0}
          onChoose={(next) => void reckonIn(next)}
        />
        {keptInIt.length > 0 && (
          <p className="text-pencil text-[0.93rem]">
            It stays {currency} here: there are {list(keptInIt)} in it, and what was paid is never converted. A new workspace, from the
            switch at the top left, can have another.
          </p>
        )}
      </section>
    </div>
  );
}
