import { useState } from 'react';
import type { Catalogue, Cut, Schemas } from '../../api/client';
import { counted, time } from '../../app/unitMath';
import { useUnits } from '../../app/units';
import { NumberField } from '../../ui/Fields';
import type { Action } from './cutter';
import * as labels from './labels';
import { SheetPicture } from './SheetPicture';
import { TestCutLadder } from './TestCutLadder';
import { type Mat, presetInWords, TROUBLES } from './words';

export interface InHand {
  cut: Cut;
  mat: Mat;
  busy: boolean;
  refused: string | null;
  catalogue: Catalogue;
  onAct: (action: Action, presetChecked?: string, lengthMm?: number) => void;
  onTrouble: (what: Schemas['CutterTrouble']) => void;
}

export function MatInHand({ cut, mat, busy, refused, catalogue, onAct, onTrouble }: InHand) {
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
