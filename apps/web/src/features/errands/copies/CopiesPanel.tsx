import { money } from '@outfit/core';
import { useMemo, useState } from 'react';
import { type ErrandDto, type SeriesDto, usePlanCopiesMutation, useStopJobMutation, type SeriesJobDto } from '@/api';
import { attempt, AXIS, Button, Chart, CHART, Input, Label, plural } from '@/ui';
import { useJob } from '@/workspace';

/** What the tenth copy costs compared with the first, and where stock runs out. */
export function CopiesPanel({ errand }: { readonly errand: ErrandDto }) {
  const [begin, { isLoading }] = usePlanCopiesMutation();
  const [stop] = useStopJobMutation();
  const [begun, setBegun] = useState<SeriesJobDto | null>(errand.copies);
  const [most, setMost] = useState('40');
  const job = useJob(begun);
  const wanted = Number(most);
  const isSound = Number.isInteger(wanted) && wanted >= 2 && wanted <= 200;
  const start = async (): Promise<void> => {
    setBegun(await attempt(begin({ id: errand.id, copiesDto: { most: wanted } }).unwrap()));
  };
  return (
    <section aria-label="How the price grows">
      <h3 className="text-[1.07rem]">More copies</h3>
      <form
        className="flex items-end gap-2"
        onSubmit={(event) => {
          event.preventDefault();
          if (isSound) void start();
        }}
      >
        <Label text="Up to so many of each" className="w-44">
          <Input inputMode="numeric" value={most} onChange={(event) => setMost(event.target.value)} aria-invalid={!isSound} />
        </Label>
        <Button type="submit" disabled={!isSound || isLoading || job?.state === 'running'}>
          Work it out
        </Button>
        {job?.state === 'running' && <Button onClick={() => void stop({ id: job.id })}>Stop</Button>}
      </form>
      {job?.state === 'running' && (
        <p role="status" className="text-pencil text-[0.87rem]">
          {plural(job.result?.points.length ?? 0, 'number')} of copies worked out so far.
        </p>
      )}
      {job?.error != null && (
        <p role="alert" className="text-madder">
          {job.error}
        </p>
      )}
      {job?.result && <CopiesChart series={job.result} currency={errand.currency} isDone={job.state !== 'running'} />}
    </section>
  );
}

function CopiesChart({ series, currency, isDone }: { readonly series: SeriesDto; readonly currency: string; readonly isDone: boolean }) {
  const { points, runsOutAfter } = series;
  const option = useMemo(() => {
    const full = points.filter((point) => point.short === 0);
    return {
      grid: { left: 54, right: 14, top: 26, bottom: 36 },
      legend: { top: 0, left: 0, itemHeight: 8, textStyle: { color: CHART.pencil } },
      tooltip: { trigger: 'axis', valueFormatter: (value: number) => money(value, currency) },
      xAxis: {
        type: 'value',
        name: 'copies',
        nameLocation: 'middle',
        nameGap: 22,
        min: 1,
        minInterval: 1,
        ...AXIS,
        splitLine: { show: false },
      },
      yAxis: {
        type: 'value',
        min: 0,
        ...AXIS,
        axisLabel: { ...AXIS.axisLabel, formatter: (value: number) => money(value, currency) },
      },
      series: [
        {
          name: 'a copy',
          type: 'line',
          symbolSize: 6,
          color: CHART.lagoon,
          data: full.map((point) => [point.copies, point.costMinor / point.copies]),
        },
        {
          name: 'the next copy',
          type: 'line',
          step: 'start',
          symbol: 'none',
          color: CHART.saffron,
          data: full.map((point) => [point.copies, point.marginalMinor]),
          ...(runsOutAfter !== null && {
            markLine: {
              silent: true,
              symbol: 'none',
              lineStyle: { color: CHART.madder },
              label: { formatter: 'stock ends', color: CHART.madder },
              data: [{ xAxis: runsOutAfter }],
            },
          }),
        },
      ],
    };
  }, [points, currency, runsOutAfter]);
  const full = points.filter((point) => point.short === 0);
  const [first, last] = [full[0], full.at(-1)];
  if (!first || !last) return null;
  const sentence = `The first copy costs ${money(first.costMinor, currency)}; at ${plural(last.copies, 'copy', 'copies')} the next one costs ${money(last.marginalMinor, currency)}.`;
  const lastAsked = points.at(-1)?.copies ?? 0;
  const end =
    runsOutAfter !== null && runsOutAfter < lastAsked
      ? ` Stock runs out after ${plural(runsOutAfter, 'copy', 'copies')}: some part cannot be had for the next.`
      : '';
  return (
    <>
      <Chart option={option} height={190} label={sentence + end} />
      {isDone && (
        <p className="text-[0.93rem]" data-testid="copies-words">
          {sentence}
          {end !== '' && <span className="text-madder">{end}</span>}
        </p>
      )}
    </>
  );
}
