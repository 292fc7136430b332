import { type Brief, type Company, type FaceElsewhere, judge, type Judgement, type Look, type Supply } from '@outfit/core';
import { useEffect, useMemo, useState } from 'react';
import { type FigureDto, type LineUpDto, useReadPromisesQuery } from '@/api';
import { companiesOf } from './company';
import { promisedOf, workspaceFor } from '../promised';
import { chosenLookOf } from '../useWorkspaceState';
import type { Workspace } from '../workspace';
import { useWorkspace } from '../WorkspaceContext';

/** Judging sixty figures takes longer than a frame: it is left off after so long, and gone on with in the next. */
const SLICE_MS = 8;
/** Whoever looks on is told what is known so far this often. */
const TELL_MS = 150;
/** As many figures as two line-ups have. */
const MOST_KEPT = 400;

interface Kept {
  readonly look: Look;
  readonly brief: Brief;
  readonly supply: Supply;
  readonly company: string;
  readonly judgement: Judgement;
}
const kept = new Map<string, Kept>();

/** A figure with what it can count on, and what was judged of it. */
export interface Judged {
  readonly figure: FigureDto;
  readonly look: Look;
  readonly workspace: Workspace;
  /** Faces that others of its line-up show. */
  readonly faces: readonly FaceElsewhere[];
  /** Null until its turn has come. */
  readonly judgement: Judgement | null;
}

/** The figures of a line-up, judged one after the other while the page stays at hand; what is known stays until it changes. */
export function useJudged(lineUp: LineUpDto): readonly Judged[] {
  const workspace = useWorkspace();
  const { data: told } = useReadPromisesQuery();
  const [round, setRound] = useState(0);
  const subjects = useMemo(() => {
    const promised = told ? promisedOf(told) : null;
    const companies = companiesOf(lineUp, promised);
    return lineUp.figures.map((figure): Subject => {
      const look = chosenLookOf(figure);
      const own = promised ? workspaceFor(workspace, promised, figure.id) : workspace;
      const company = companies.keyOf(
        figure.id,
        look.parts.map((part) => part.variant),
      );
      return { figure, look, workspace: own, company, around: companies.of(figure.id) };
    });
  }, [lineUp, workspace, told]);
  const judged = useMemo(
    () =>
      subjects.map((subject): Judged => {
        const { figure, look, workspace: own, around } = subject;
        return { figure, look, workspace: own, faces: around.faces, judgement: knownJudgement(subject) };
      }),
    // eslint-disable-next-line react-hooks/exhaustive-deps -- each round has judged more of them
    [subjects, round],
  );
  const isDone = judged.every(({ judgement }) => judgement !== null);
  useEffect(() => {
    if (isDone) return;
    let timer: ReturnType<typeof setTimeout> | undefined;
    let told = performance.now();
    const goOn = (): void => {
      const until = performance.now() + SLICE_MS;
      const next = subjects.find((subject) => {
        if (knownJudgement(subject)) return false;
        if (performance.now() > until) return true;
        judgeNow(subject);
        return false;
      });
      // Everybody who looks on is drawn anew when they are told: not after every slice.
      if (!next || performance.now() - told > TELL_MS) {
        told = performance.now();
        setRound((before) => before + 1);
      }
      if (next) timer = setTimeout(goOn);
    };
    timer = setTimeout(goOn);
    return () => clearTimeout(timer);
  }, [subjects, isDone]);
  return judged;
}

interface Subject extends Omit<Judged, 'judgement' | 'faces'> {
  /** What of its company can matter to it, as one text. */
  readonly company: string;
  readonly around: Company;
}

function judgeNow({ figure, look, workspace: { catalogue, supply }, company, around }: Subject): void {
  const judgement = judge(look, figure.brief, catalogue, catalogue.systemOf(figure.brief), supply, around);
  if (kept.size >= MOST_KEPT) kept.clear();
  kept.set(figure.id, { look, brief: figure.brief, supply, company, judgement });
}

function knownJudgement({ figure, look, workspace: { supply }, company }: Subject): Judgement | null {
  const before = kept.get(figure.id);
  return before?.look === look && before.brief === figure.brief && before.supply === supply && before.company === company
    ? before.judgement
    : null;
}
