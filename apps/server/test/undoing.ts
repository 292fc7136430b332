import type { ChangeDto } from '../src/platform/history/history.dto.js';
import type { Harness } from './harness.js';

export interface Refused {
  readonly message: string;
}

/** Undo, Redo and what was done, in a line such as `wardrobe/all`. */
export function undoing(server: () => Harness) {
  const history = async (line = 'wardrobe/all'): Promise<ChangeDto[]> => (await server().get<ChangeDto[]>(`history/${line}`)).body;
  return {
    history,
    undo: (line = 'wardrobe/all') => server().post<{ done: string; undo: string | null; message: string }>(`history/${line}/undo`),
    redo: (line = 'wardrobe/all') => server().post<{ done: string }>(`history/${line}/redo`),
    /** Takes back the newest deed that stands and whose label says so. */
    takeBack: async (label: string, line = 'wardrobe/all') => {
      const change = (await history(line)).find((row) => row.stands && row.label.includes(label));
      return server().post<Refused & { done: string }>(`history/${line}/changes/${change?.id}/back`);
    },
  };
}
