import { BASE, type BriefDto } from '@/api';

/** A brief that was typed and not yet saved, over the version it was typed over. */
export interface KeptDraft {
  readonly brief: BriefDto;
  readonly version: number;
}

const keyOf = (figure: string): string => `outfit brief ${BASE}${figure}`;

/**
 * Keeps a draft in this browser until the server has it: a tab that is closed at once loses nothing. Browsers that keep nothing
 * (a private window that is full) still save as one types.
 */
export function keepDraft(figure: string, draft: KeptDraft | null): void {
  try {
    if (draft === null) localStorage.removeItem(keyOf(figure));
    else localStorage.setItem(keyOf(figure), JSON.stringify(draft));
  } catch {
    // The draft still goes to the server.
  }
}

/** The draft that was left behind, or null. What cannot be read is none. */
export function keptDraft(figure: string): KeptDraft | null {
  try {
    const text = localStorage.getItem(keyOf(figure));
    return text === null ? null : (JSON.parse(text) as KeptDraft);
  } catch {
    return null;
  }
}
