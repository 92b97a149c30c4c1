import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useEffect, useState } from 'react';
import { api, type Catalogue, type Cut, got, Refused, type Schemas } from '../../api/client';
import { newId } from '../../api/newId';
import { counted, time } from '../../app/unitMath';
import { useUnits } from '../../app/units';
import { NumberField } from '../../ui/Fields';
import { Failed, Loading } from '../../ui/States';
import * as labels from './labels';
import { SheetPicture } from './SheetPicture';
import { TestCutLadder } from './TestCutLadder';
import { WeedingSheet } from './WeedingSheet';
import { type Mat, presetInWords, TROUBLES, times } from './words';

type Action = Schemas['CutAction'];

const STATUS: Record<Mat['status'], string> = {
  waiting: 'waits',
  loaded: 'loaded',
  cutting: labels.beingCut,
  stopped: 'stopped',
  cut: 'cut',
  unloaded: 'out',
};

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

const FORMATS = ['svg', 'dxf', 'hpgl'] as const;

/** This one only shows what a cutter does; the own one takes the file. */
function Simulated({ cut, mat }: { cut: Cut; mat?: Mat }) {
  const sheet = mat ? `?list=${encodeURIComponent(mat.listId)}&sheet=${mat.sheet}` : '';
  return (
    <p className="notice" data-testid="simulated-cutter">
      <strong>{labels.simulatedCutter}</strong>
      {labels.itShowsTheOrderThe(mat ? labels.thisMatAsAFile : labels.theSheetsAsFiles)}
      {FORMATS.filter((f) => mat || f !== 'hpgl').map((format, i) => (
        <span key={format}>
          {i > 0 && ', '}
          <a
            className="underline underline-offset-4 font-semibold"
            href={`/api/cuts/${cut.id}/file.${format}${sheet}`}
            download
          >
            {format.toUpperCase()}
          </a>
        </span>
      ))}
      {labels.tickTheMatsOffHere}
    </p>
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

interface InHand {
  cut: Cut;
  mat: Mat;
  busy: boolean;
  refused: string | null;
  catalogue: Catalogue;
  onAct: (action: Action, presetChecked?: string, lengthMm?: number) => void;
  onTrouble: (what: Schemas['CutterTrouble']) => void;
}

function MatInHand({ cut, mat, busy, refused, catalogue, onAct, onTrouble }: InHand) {
  const units = useUnits();
  const [checked, setChecked] = useState(false);
  const [length, setLength] = useState<number | undefined>(undefined);
  const list = cut.way.lists.find((l) => l.id === mat.listId);
  const sheet = list?.sheets.find((s) => s.number === mat.sheet);
  if (!list || !sheet) return null;
  const device = cut.device;
  const says = mat.trouble ? TROUBLES[mat.trouble] : undefined;
  return (
    <div className="grid lg:grid-cols-[minmax(0,1fr)_22rem] gap-8 items-start">
      <SheetPicture
        list={list}
        sheet={sheet}
        only={mat.units}
        shiftMm={mat.shiftMm}
        done={mat.unitsDone}
        blade={device?.state === 'cutting' ? device.blade : undefined}
        label={labels.asItLiesOnThe(mat.name)}
      />
      <div className="grid gap-5" data-testid="mat" data-status={mat.status}>
        <dl className="grid grid-cols-[7rem_1fr] gap-y-1">
          <dt className="text-quiet">{labels.preset}</dt>
          <dd className="font-semibold">{presetInWords(mat.preset)}</dd>
          <dt className="text-quiet">{labels.vinyl}</dt>
          <dd>
            {labels.ofItCarrierDown(
              units.bought(mat.lengthMm),
              list.mirrored ? labels.cutReversed : labels.notReversed,
            )}
          </dd>
          <dt className="text-quiet">{labels.pieces}</dt>
          <dd>{mat.units.length}</dd>
          <dt className="text-quiet">{labels.about}</dt>
          <dd className="tabular-nums">{time(mat.estimatedSeconds)}</dd>
        </dl>
        {mat.status === 'waiting' && (
          <div className="grid gap-4">
            {cut.asksForPreset && (
              <label className={`flex items-start gap-3 ${refused ? 'notice stop' : 'notice caution'}`}>
                <input
                  type="checkbox"
                  className="checkbox checkbox-sm mt-1"
                  checked={checked}
                  onChange={(e) => setChecked(e.target.checked)}
                />
                <span>
                  {refused ?? (
                    <>
                      <strong>{labels.thisMatIs(mat.name)}</strong>
                      {labels.iSetTheAndChecked(presetInWords(mat.preset))}
                    </>
                  )}
                </span>
              </label>
            )}
            <NumberField
              name={labels.vinylOnTheMatIf}
              value={length === undefined ? undefined : units.lengthShown(length)}
              unit={units.lengthUnit}
              placeholder={String(units.lengthShown(Math.max(mat.lengthMm, sheet.lengthMm)))}
              onChange={(n) => setLength(n === undefined ? undefined : units.mmFrom(n))}
            />
            <button
              type="button"
              className="btn btn-primary"
              disabled={busy}
              onClick={() => onAct('load', checked ? mat.vinyl : undefined, length)}
            >
              {labels.loadIt}
            </button>
            <TestCutLadder cutId={cut.id} mat={mat} cutter={cut.cutter} catalogue={catalogue} />
          </div>
        )}
        {mat.status === 'loaded' && (
          <div className="flex gap-3">
            <button type="button" className="btn btn-primary" disabled={busy} onClick={() => onAct('go')}>
              {labels.go}
            </button>
            <button type="button" className="btn btn-ghost" disabled={busy} onClick={() => onAct('unload')}>
              {labels.takeItOutAgain}
            </button>
          </div>
        )}
        {mat.status === 'cutting' && device && (
          <div className="grid gap-3">
            <p className="numeral text-[2.6rem] leading-none font-bold" data-testid="left">
              {time(Math.max(0, device.totalSeconds - device.seconds))}
              <span className="text-[1rem] font-normal text-quiet">{labels.left}</span>
            </p>
            <progress className="progress w-full" value={device.progress} max={1} aria-label={labels.cutSoFar} />
            <p className="text-quiet text-[0.9rem]">{labels.keepTheComputerAwakeUntil}</p>
            <details>
              <summary className="cursor-pointer text-[0.9rem]">{labels.practiseWhatCanGoWrong}</summary>
              <div className="flex flex-wrap gap-2 mt-2">
                {(
                  [
                    ['out-of-vinyl', labels.theVinylEndsHere],
                    ['lost-mat', labels.theMatSlips],
                    ['computer-slept', labels.theComputerSleeps],
                  ] as const
                ).map(([what, name]) => (
                  <button key={what} type="button" className="btn btn-sm btn-outline" onClick={() => onTrouble(what)}>
                    {name}
                  </button>
                ))}
              </div>
            </details>
          </div>
        )}
        {mat.status === 'stopped' && (
          <div role="alert" className="notice stop grid gap-3">
            <p>
              <strong>{says?.says ?? labels.theCutterStopped}</strong> {says?.does}
            </p>
            <p>{labels.ofCutWhole(mat.unitsDone.length, counted(mat.units.length, 'piece'))}</p>
            <div className="flex gap-3">
              {mat.trouble === 'computer-slept' && (
                <button type="button" className="btn btn-primary" disabled={busy} onClick={() => onAct('go')}>
                  {labels.goOn}
                </button>
              )}
              <button type="button" className="btn btn-outline" disabled={busy} onClick={() => onAct('unload')}>
                {labels.takeTheMatOut}
              </button>
            </div>
          </div>
        )}
        {mat.status === 'cut' && (
          <div className="grid gap-3">
            <p>
              <strong>{labels.cutIn(time(mat.measuredSeconds ?? 0))}</strong>
              {labels.beforeItComesOutBend}
            </p>
            <button type="button" className="btn btn-primary" disabled={busy} onClick={() => onAct('unload')}>
              {labels.takeTheMatOut}
            </button>
            <p className="text-quiet text-[0.9rem]">{labels.peelTheMatFromThe}</p>
          </div>
        )}
      </div>
    </div>
  );
}

function Mats({ cut }: { cut: Cut }) {
  const units = useUnits();
  return (
    <table className="w-full text-[0.95rem] tabular-nums" aria-label={labels.mats}>
      <thead>
        <tr className="border-b border-ink text-left text-quiet">
          <th className="font-normal py-1">{labels.mat}</th>
          <th className="font-normal">{labels.vinyl}</th>
          <th className="font-normal">{labels.length}</th>
          <th className="font-normal">{labels.pieces}</th>
          <th className="font-normal">{labels.estimated}</th>
          <th className="font-normal">{labels.took}</th>
          <th className="font-normal">{labels.isWord}</th>
        </tr>
      </thead>
      <tbody>
        {cut.mats.map((m) => (
          <tr
            key={m.number}
            className={`border-b border-rule ${m.number === cut.current ? 'font-semibold' : ''}`}
            data-mat={m.number}
            data-status={m.status}
          >
            <td className="py-1">{m.number}</td>
            <td>
              <span
                className="inline-block w-3.5 h-3.5 mr-2 border border-ink align-middle"
                style={{ background: m.colour ?? 'transparent' }}
              />
              {m.name}
            </td>
            <td>{units.bought(m.lengthMm)}</td>
            <td>{m.units.length}</td>
            <td>{time(m.estimatedSeconds)}</td>
            <td>{m.measuredSeconds == null ? '' : time(m.measuredSeconds)}</td>
            <td>{STATUS[m.status]}</td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}
