import { quote } from '../../kernel/index.js';
import type { LineUpPlan } from './plan.js';

/** Why a plan cannot be kept, at which place of it. */
export interface PlanFault {
  readonly at: string;
  readonly sentence: string;
}

function firstTwin(words: readonly string[]): string | null {
  const seen = new Set<string>();
  for (const word of words) {
    const key = word.trim().toLowerCase();
    if (seen.has(key)) return word;
    seen.add(key);
  }
  return null;
}

/**
 * What of a plan contradicts itself: two roles of one name, more at least than at most, two leaders of one name, a figure in two seats, a
 * uniform with two parts at one place. Whether a figure or part exists is for whoever keeps them to say.
 */
export function planFaults(plan: LineUpPlan): readonly PlanFault[] {
  const faults: PlanFault[] = [];
  const add = (at: string, sentence: string): void => void faults.push({ at, sentence });
  const twice = (at: string, what: string, words: readonly string[]): void => {
    const word = firstTwin(words);
    if (word !== null) add(at, `There are two ${what} called ${quote(word)}. Give each a name of its own.`);
  };
  twice(
    'roles',
    'roles',
    plan.roles.map(({ name }) => name),
  );
  twice(
    'factions',
    'factions',
    plan.factions.map(({ name }) => name),
  );
  for (const { name, least, most } of plan.roles)
    if (most !== null && most < least) add('roles', `${name}: at most ${most} is less than at least ${least}.`);
  const led = plan.factions.map(({ leader }) => leader).filter(Boolean);
  if (firstTwin(led) !== null) add('factions', 'One figure leads two factions. Choose another leader for one of them.');
  for (const { scope } of [...plan.uniform, ...plan.spares])
    if (scope.kind === 'faction' && !plan.factions.some(({ id }) => id === scope.of))
      add('uniform', 'A part is for a faction that is not there any more.');
  const worn = plan.uniform.map(({ scope, part }) => `${scope.kind} ${scope.of} ${part.position} ${part.place ?? 0}`);
  if (firstTwin(worn) !== null) add('uniform', 'The uniform has two parts at one place for the same figures. Take one of them off.');
  for (const { name, places } of plan.seatings) {
    if (firstTwin(places.map(({ figure }) => figure).filter(Boolean)) !== null) add('seatings', `In ${quote(name)} somebody sits twice.`);
  }
  for (const { name, packs, elements } of plan.builds) {
    const pieces = elements.reduce((all, { count }) => all + count, 0);
    if (pieces < packs) add('builds', `${name} has ${pieces} pieces; they cannot come in ${packs} packs.`);
  }
  for (const { from, to } of plan.relations) if (from === to) add('relations', 'A figure has no relation to itself.');
  return faults;
}
