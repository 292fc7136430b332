import { existsSync } from 'node:fs';
import { fileURLToPath } from 'node:url';

/** A kind of long work, as its area registers it. */
export interface JobKind {
  readonly kind: string;
  /** The file of its worker. */
  readonly worker: string;
  /** What a person reads when Outfit was closed while it ran, and when its worker broke off. */
  readonly words: { readonly closed: string; readonly broken: string };
}

/**
 * The file of a worker that stands beside whoever starts it, and is of the same sort: compiled, or the source itself when that
 * is what runs.
 */
export function workerBeside(url: string, name: string): string {
  const compiled = fileURLToPath(new URL(`./${name}.js`, url));
  return existsSync(compiled) ? compiled : compiled.replace(/\.js$/, '.ts');
}

/** The kinds of job there are. A kind is registered once. */
export class JobRegistry {
  private readonly kinds = new Map<string, JobKind>();

  register(kind: JobKind): void {
    if (this.kinds.has(kind.kind)) throw new Error(`a kind of job named ${kind.kind} is registered already`);
    this.kinds.set(kind.kind, kind);
  }

  kind(name: string): JobKind {
    const kind = this.kinds.get(name);
    if (!kind) throw new Error(`no kind of job is named ${name}`);
    return kind;
  }

  closingWords(name: string): string {
    return this.kinds.get(name)?.words.closed ?? 'Outfit was closed while this ran.';
  }
}
