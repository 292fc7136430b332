import type { CatalogueKind } from '@outfit/core';
import { useSaveEntryMutation } from '@/api';
import { plural, sentenceOf, tell } from '@/ui';

/** Saves one entry and says so; true when it was kept. */
export function useKeepEntry(): { readonly saving: boolean; keep(kind: CatalogueKind, row: object, said: string): Promise<boolean> } {
  const [save, { isLoading }] = useSaveEntryMutation();
  return {
    saving: isLoading,
    keep: async (kind, row, said) => {
      try {
        const { notices } = await save({ saveEntryDto: { kind, row } }).unwrap();
        tell.success(notices > 0 ? `${said} ${plural(notices, 'figure')} told that it exists.` : said);
        return true;
      } catch (error) {
        tell.error(sentenceOf(error));
        return false;
      }
    },
  };
}
