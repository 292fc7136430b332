import { createSlice, type PayloadAction } from '@reduxjs/toolkit';
import { rootReducer } from '@/workspace';
import type { DraftLine } from './lines';
import type { RulesDraft } from './rules';

/** What was typed into the form of a figure or line-up and not planned yet; null where nothing was. */
interface ErrandDraft {
  readonly lines: readonly DraftLine[] | null;
  readonly rules: RulesDraft | null;
}

const NOTHING: ErrandDraft = { lines: null, rules: null };

/** Forms as they were left, by figure or line-up: whoever looks something up and comes back finds what was typed. */
const errandDrafts = createSlice({
  name: 'errandDrafts',
  initialState: {} as Readonly<Record<string, ErrandDraft>>,
  reducers: {
    keepDraft: (drafts, { payload: { scope, ...changes } }: PayloadAction<{ readonly scope: string } & Partial<ErrandDraft>>) => ({
      ...drafts,
      [scope]: { ...NOTHING, ...drafts[scope], ...changes },
    }),
  },
  selectors: { draftFor: (drafts, scope: string): ErrandDraft => drafts[scope] ?? NOTHING },
});

export const { keepDraft } = errandDrafts.actions;
export const { draftFor } = errandDrafts.injectInto(rootReducer).selectors;
