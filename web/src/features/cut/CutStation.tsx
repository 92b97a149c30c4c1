import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { api, got } from '../../api/client';
import { changed } from '../../api/job';
import { newId } from '../../api/newId';
import { useCutPlan } from '../../api/queries';
import { useUnits } from '../../app/units';
import { NoticeCard } from '../../ui/Notices';
import { Failed, Loading } from '../../ui/States';
import { useJob } from '../jobs/JobPage';
import { AtTheCutter } from './AtTheCutter';
import { CutList } from './CutList';
import { CutOptions } from './CutOptions';
import * as labels from './labels';
import { TwoWays } from './TwoWays';
import { headline, underWay } from './words';

/** Sheets laid out, cut and weeded. */
export function CutStation() {
  const { draft, catalogue, faults } = useJob();
  const { job, edit } = draft;
  const units = useUnits();
  const queries = useQueryClient();
  const { begun, now } = useCutPlan(job);
  const cuts = useQuery({
    queryKey: ['cuts', draft.id],
    queryFn: () => got(api.GET('/api/jobs/{id}/cuts', { params: { path: { id: draft.id } } })),
  });
  const [command] = useState(() => new Map<string, string>());
  const stop = useMutation({
    mutationFn: (id: string) => got(api.POST('/api/cut-plans/{id}/stop', { params: { path: { id } } })),
    onSuccess: (answer) => queries.setQueryData(['cut-plan-going', answer.id], answer),
  });
  const begin = useMutation({
    mutationFn: async (planId: string) => {
      await draft.flush();
      // The same layout asked for twice, by a double click say, is one cut.
      const commandId = command.get(planId) ?? newId();
      command.set(planId, commandId);
      return got(api.POST('/api/jobs/{id}/cuts', { params: { path: { id: draft.id } }, body: { commandId, planId } }));
    },
    onSuccess: () => {
      command.clear();
      void queries.invalidateQueries({ queryKey: ['cuts', draft.id] });
      void queries.invalidateQueries({ queryKey: ['stock'] });
    },
  });

  const open = underWay(cuts.data ?? []);
  if (open) return <AtTheCutter cutId={open.id} jobId={draft.id} catalogue={catalogue} />;
  const plan = now?.plan;
  const way = plan?.ways.find((w) => w.layout === plan.layout);
  const stops = plan?.notices.some((n) => n.level === 'stop') ?? false;
  const used = cuts.data?.find((c) => c.status === 'used');
  const choose = (layout: 'in-place' | 'nested') =>
    edit((j) =>
      changed(j, {
        choices: changed(j.choices ?? {}, { layout: layout === plan?.advised ? undefined : layout } as Record<
          string,
          string
        >),
      }),
    );
  return (
    <div className="grid gap-8">
      {begun.isError && <p className="text-quiet">{labels.itCannotBeLaidOut}</p>}
      {!begun.isError && !plan && (
        <div role="status" className="max-w-[40rem]">
          <p className="text-[1.3rem] font-bold">
            {now && now.before > 0
              ? labels.waitingFirst(now.before, now.before === 1 ? labels.layoutComes : labels.layoutsCome)
              : labels.layingOut(Math.round((now?.share ?? 0) * 100))}
          </p>
          <progress className="progress w-full my-3" value={now?.share ?? 0} max={1} />
          {now && now.lengthMm > 0 && (
            <p className="flex items-center gap-4">
              {labels.soFar(units.bought(now.lengthMm))}
              <button type="button" className="btn btn-sm btn-outline" onClick={() => stop.mutate(now.id)}>
                {labels.goodEnoughStop}
              </button>
            </p>
          )}
        </div>
      )}
      {cuts.isPending && <Loading what={labels.earlierCuts} />}
      {begin.isError && <Failed error={begin.error} />}
      {plan && way && now && (
        <>
          <div className="flex flex-wrap items-end gap-x-10 gap-y-4">
            <div>
              <p className="text-[1.45rem] font-bold leading-tight" data-testid="cut-headline">
                {headline(way, units)}
              </p>
              <p className="text-quiet mt-1">
                {labels.onThe(
                  way.lists.length,
                  way.lists.length === 1 ? labels.vinylAndColour : labels.vinylsAndColours,
                  plan.cutter.toLowerCase(),
                  units.lengthShown(plan.cutterWidthMm),
                  units.lengthShown(plan.cutterLengthMm),
                  units.lengthUnit,
                )}
                {plan.matless && labels.withoutAMat}.{used && labels.itWasCutBeforeAnd}
              </p>
            </div>
            <div className="flex flex-wrap items-center gap-5">
              <button
                type="button"
                className="btn btn-primary"
                disabled={stops || way.mats === 0 || begin.isPending}
                onClick={() => begin.mutate(now.id)}
              >
                {labels.cutIt}
              </button>
              {!stops && way.mats > 0 && (
                <span className="flex gap-4 text-[0.95rem]">
                  {labels.cutFile}
                  {['svg', 'dxf'].map((format) => (
                    <a
                      key={format}
                      className="link-quiet uppercase"
                      href={`/api/cut-plans/${now.id}/file.${format}`}
                      download
                    >
                      {format}
                    </a>
                  ))}
                </span>
              )}
            </div>
          </div>
          <div className="grid xl:grid-cols-[minmax(0,1fr)_21rem] xl:grid-rows-[auto_1fr] gap-x-9 gap-y-6 items-start">
            <div className="grid gap-7 min-w-0 xl:row-span-2">
              {way.mats === 0 && <p className="max-w-[60ch]">{labels.nothingToCutYetBring}</p>}
              {way.lists.map((list) => (
                <CutList
                  key={list.id}
                  list={list}
                  file={(format, sheet) =>
                    `/api/cut-plans/${now.id}/file.${format}?list=${encodeURIComponent(list.id)}&sheet=${sheet}`
                  }
                />
              ))}
            </div>
            <div className="order-first xl:order-none">
              <TwoWays plan={plan} chosen={plan.layout} onChoose={choose} />
            </div>
            <div className="grid gap-3">
              {plan.notices.map((n) => (
                <NoticeCard key={`${n.code} ${n.text}`} notice={n} />
              ))}
            </div>
          </div>
        </>
      )}
      <CutOptions job={job} catalogue={catalogue} faults={faults} onEdit={edit} />
    </div>
  );
}
