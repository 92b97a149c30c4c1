import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useEffect } from 'react';
import { api, type Catalogue, got, Refused, type Schemas } from '../../api/client';
import { newId } from '../../api/newId';
import { time } from '../../app/unitMath';
import { Failed, Loading } from '../../ui/States';
import type { Action } from './cutter';
import * as labels from './labels';
import { MatInHand } from './MatInHand';
import { Mats } from './Mats';
import { Simulated } from './Simulated';
import { WeedingSheet } from './WeedingSheet';
import { times } from './words';

interface Props {
  cutId: string;
  jobId: string;
  catalogue: Catalogue;
}

/** One mat after the other through the cutter: preset, load, go, unload. */
export function AtTheCutter({ cutId, jobId, catalogue }: Props) {
  const queries = useQueryClient();
  const key = ['cut', cutId];
  const seen = useQuery({
    queryKey: key,
    queryFn: () => got(api.GET('/api/cuts/{id}', { params: { path: { id: cutId } } })),
    refetchInterval: (query) => (query.state.data?.device?.state === 'cutting' ? 250 : false),
  });
  const act = useMutation({
    mutationFn: (ask: { action: Action; presetChecked?: string; lengthMm?: number | undefined }) =>
      got(
        api.POST('/api/cuts/{id}/actions', {
          params: { path: { id: cutId } },
          body: {
            commandId: newId(),
            action: ask.action,
            presetChecked: ask.presetChecked ?? null,
            lengthMm: ask.lengthMm ?? null,
          },
        }),
      ),
    onSuccess: (cut, ask) => {
      queries.setQueryData(key, cut);
      if (ask.action === 'use' || ask.action === 'give-up') {
        void queries.invalidateQueries({ queryKey: ['cuts', jobId] });
        void queries.invalidateQueries({ queryKey: ['stock'] });
        void queries.invalidateQueries({ queryKey: ['cut-plan'] });
      }
    },
  });
  const trouble = useMutation({
    mutationFn: (what: Schemas['CutterTrouble']) =>
      got(api.POST('/api/cuts/{id}/trouble', { params: { path: { id: cutId } }, body: { trouble: what } })),
    onSuccess: (cut) => queries.setQueryData(key, cut),
  });
  useAwake(seen.data?.device?.state === 'cutting');
  if (seen.isPending) return <Loading what={labels.theCut} />;
  if (seen.isError) return <Failed error={seen.error} retry={() => seen.refetch()} />;
  const cut = seen.data;
  const mat = cut.mats.find((m) => m.number === cut.current);
  const { estimated, measured } = times(cut.mats);
  return (
    <div className="grid gap-8">
      <div>
        <p className="text-[1.45rem] font-bold leading-tight" data-testid="cut-headline">
          {mat ? labels.matOf(mat.number, cut.mats.length, mat.name) : labels.allMatsAreCut}
        </p>
        <p className="text-quiet mt-1 tabular-nums">
          {labels.aboutOfCuttingInAll(time(estimated))}
          {measured !== null && labels.measuredSoFar(time(measured))}.
        </p>
      </div>
      {cut.simulated && <Simulated cut={cut} {...(mat ? { mat } : {})} />}
      {act.isError && !(act.error instanceof Refused && act.error.code === 'cut-preset') && (
        <Failed error={act.error} />
      )}
      {trouble.isError && <Failed error={trouble.error} />}
      {mat ? (
        <MatInHand
          key={mat.number}
          cut={cut}
          mat={mat}
          busy={act.isPending}
          refused={act.error instanceof Refused && act.error.code === 'cut-preset' ? act.error.message : null}
          onAct={(action, presetChecked, lengthMm) =>
            act.mutate({ action, ...(presetChecked ? { presetChecked } : {}), lengthMm })
          }
          onTrouble={(what) => trouble.mutate(what)}
          catalogue={catalogue}
        />
      ) : (
        <p className="max-w-[60ch]">{labels.weedTheSheetsBelowThen}</p>
      )}
      <Mats cut={cut} />
      <div className="flex flex-wrap gap-3 print:hidden">
        {!mat && (
          <button type="button" className="btn btn-outline" onClick={() => act.mutate({ action: 'use' })}>
            {labels.pressedWithoutTheBenchTake}
          </button>
        )}
        {mat && mat.status !== 'cutting' && mat.status !== 'stopped' && (
          <button
            type="button"
            className="btn btn-outline"
            disabled={act.isPending}
            onClick={() => act.mutate({ action: 'all-cut' })}
          >
            {labels.allIsCutAlready}
          </button>
        )}
        {mat?.status !== 'cutting' && (
          <button type="button" className="btn btn-ghost" onClick={() => act.mutate({ action: 'give-up' })}>
            {labels.giveThisCutUp}
          </button>
        )}
      </div>
      <WeedingSheet cut={cut} onChange={(next) => queries.setQueryData(key, next)} />
    </div>
  );
}

/** While the blade is down the screen, and with it the computer, stays awake where the browser can ask for that. */
function useAwake(on: boolean) {
  useEffect(() => {
    if (!on || !('wakeLock' in navigator)) return;
    let held: WakeLockSentinel | null = null;
    let over = false;
    navigator.wakeLock.request('screen').then(
      (lock) => {
        if (over) void lock.release();
        else held = lock;
      },
      () => undefined,
    );
    return () => {
      over = true;
      void held?.release();
    };
  }, [on]);
}
