import { useSelector } from 'react-redux';
import type { ErrandDto, ErrandLineDto, ErrandSettingsDto } from '@/api';
import { useAppDispatch, useWorkspace } from '@/workspace';
import { draftFor, keepDraft } from './drafts';
import { type DraftLine, soundLines } from './lines';
import { draftOf, type RulesDraft, settingsFrom } from './rules';

/** An errand's form: what is in its fields, and what that asks for. */
export interface ErrandFormState {
  readonly lines: readonly DraftLine[];
  readonly rules: RulesDraft;
  /** What is asked for; null while a field is not sound. */
  readonly asks: { readonly lines: ErrandLineDto[]; readonly settings: ErrandSettingsDto } | null;
  setLines(lines: readonly DraftLine[]): void;
  setRules(rules: RulesDraft | null): void;
}

/** The form of a figure or line-up, as it was left. Until a rule is touched, the rules are those of the last trip. */
export function useErrandForm(scope: string, begin: readonly DraftLine[], lastSettings: ErrandSettingsDto | undefined): ErrandFormState {
  const { currency } = useWorkspace();
  const dispatch = useAppDispatch();
  const draft = useSelector((state: Parameters<typeof draftFor>[0]) => draftFor(state, scope));
  const lines = draft.lines ?? begin;
  const rules = draft.rules ?? draftOf(lastSettings ?? {}, currency);
  const [sound, settings] = [soundLines(lines), settingsFrom(rules, currency)];
  return {
    lines,
    rules,
    asks: sound && settings && { lines: sound, settings },
    setLines: (next) => void dispatch(keepDraft({ scope, lines: next })),
    setRules: (next) => void dispatch(keepDraft({ scope, rules: next })),
  };
}

/** Was a plan made for something else than the form asks for now? */
export function isOutdated({ lines, settings }: ErrandDto, asks: ErrandFormState['asks'], currency: string): boolean {
  if (!asks) return false;
  const linesOf = (rows: readonly ErrandLineDto[]): string =>
    JSON.stringify(rows.map(({ look, copies, group }) => [look, copies, group ?? null]));
  const rulesOf = (own: ErrandSettingsDto): string => JSON.stringify(settingsFrom(draftOf(own, currency), currency));
  return linesOf(lines) !== linesOf(asks.lines) || rulesOf(settings) !== rulesOf(asks.settings);
}
