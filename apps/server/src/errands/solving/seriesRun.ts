import type { JobRun } from '../../platform/jobs/index.js';
import type { Series, SeriesNews, SeriesPoint, SeriesTask } from './series.worker.js';

/** Several baskets in a row: points are kept as they come. `finish` may say more of the points than the worker knows. */
export const seriesRun = (
  series: Series,
  finish: (points: readonly SeriesPoint[]) => readonly SeriesPoint[] = (points) => points,
): JobRun<Pick<SeriesTask, 'series'>, SeriesNews, SeriesNews> => {
  const result = ({ points, runsOutAfter }: SeriesNews) => ({ points: finish(points), runsOutAfter });
  return {
    task: { series },
    news: (news) => ({ result: result(news) }),
    ended: (news, stopped) => ({ state: stopped ? 'stopped' : 'done', result: result(news) }),
  };
};
