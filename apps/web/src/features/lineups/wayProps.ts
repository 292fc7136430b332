import type { LineUpDto } from '@/api';
import type { Judged } from '@/workspace';
import type { useSelection } from './useSelection';
import type { useTold } from './useTold';

/** What every way of looking is given. */
export interface WayProps {
  readonly lineUp: LineUpDto;
  readonly judged: readonly Judged[];
  readonly told: ReturnType<typeof useTold>;
  readonly selection: ReturnType<typeof useSelection>;
}
