import { useEffect, useRef, useState } from 'react';
import { useUnits } from '../../app/units';
import { NumberField } from '../../ui/Fields';
import * as labels from './labels';
import { saysOf } from './says';
import type { Case, Move, Seen } from './usePractice';
import { useRunning } from './useRunning';

const SPEEDS = [1, 10];

// A scrap is pressed for the seconds that are typed, or for so long.
const SCRAP_SECONDS = 12;

interface Props {
  met: Case;
  seen: Seen;
  busy: boolean;
  onMove: (...moves: Move[]) => void;
  onClosed: (closed: boolean) => void;
}

/** What hands can do at the press: one verb at a time, the clock beside it. */
export function Controls({ met, seen, busy, onMove, onClosed }: Props) {
  const units = useUnits();
  const [speed, setSpeed] = useState(SPEEDS[1] ?? 1);
  const [seconds, setSeconds] = useState<number | undefined>();
  const [chosen, setPart] = useState(1);
  const parts = seen.parts.length;
  const part = Math.min(chosen, parts);
  const here = seen.parts[part - 1];
  const on = parts > 1 ? { part } : {};
  const running = useRunning(speed, (what, took) => {
    onClosed(false);
    onMove({ kind: what, seconds: took, ...(what === 'close' ? on : {}) });
  });
  const start = (what: 'close' | 'wait' | 'to-bench') => {
    running.start(what, seconds && seconds > 0 ? seconds : null);
    setSeconds(undefined);
    onClosed(what === 'close');
  };
  // Whoever works with the keyboard stays where the next key is wanted.
  const verb = useRef<HTMLButtonElement>(null);
  const was = useRef(running.what);
  useEffect(() => {
    if (was.current !== running.what) verb.current?.focus();
    was.current = running.what;
  }, [running.what]);
  const toLay = met.layers.filter((l) => !here?.laid.includes(l.id));
  if (running.what)
    return (
      <div className="grid gap-4">
        <p className="numeral text-[2.2rem] leading-none" role="timer">
          {running.what === 'close'
            ? labels.closedFor(running.seconds.toFixed(0))
            : labels.liesFor(running.seconds.toFixed(0))}
        </p>
        <button ref={verb} type="button" className="btn btn-lg btn-primary justify-self-start" onClick={running.stop}>
          {running.what === 'close' ? labels.open : labels.stopWaiting}
        </button>
      </div>
    );
  return (
    <fieldset className="grid gap-4" disabled={busy || seen.over}>
      <div className="flex flex-wrap gap-3 items-end">
        <NumberField name={labels.forSeconds} unit="s" value={seconds} onChange={setSeconds} />
        <button ref={verb} type="button" className="btn btn-lg btn-primary" onClick={() => start('close')}>
          {seconds ? labels.closeFor(seconds) : labels.close}
        </button>
        <span className="join">
          {SPEEDS.map((s) => (
            <button
              key={s}
              type="button"
              className={`btn btn-sm join-item ${s === speed ? 'btn-primary' : 'btn-outline'}`}
              aria-pressed={s === speed}
              onClick={() => setSpeed(s)}
            >
              {labels.speed(s)}
            </button>
          ))}
        </span>
      </div>
      {parts > 1 && (
        <fieldset className="flex flex-wrap items-baseline gap-3">
          <legend className="text-quiet text-[0.95rem] mb-1">{labels.whereThePlateGoes}</legend>
          {seen.parts.map((p, i) => (
            <button
              // biome-ignore lint/suspicious/noArrayIndexKey: parts are known by their number
              key={i}
              type="button"
              className={`btn btn-sm ${i + 1 === part ? 'btn-primary' : 'btn-outline'}`}
              aria-pressed={i + 1 === part}
              onClick={() => setPart(i + 1)}
            >
              {labels.partOf(i + 1, parts)}
              {p.pressed && p.laid.length > 0 ? labels.partPressed : ''}
            </button>
          ))}
        </fieldset>
      )}
      <div className="flex flex-wrap gap-3">
        {toLay.map((layer) => (
          <button
            key={layer.id}
            type="button"
            className="btn btn-outline"
            onClick={() => onMove({ kind: 'lay', layers: [layer.id], ...on })}
          >
            {labels.lay(nameOf(met, layer.id))}
          </button>
        ))}
        {here?.carrierOn && (
          <button type="button" className="btn btn-outline" onClick={() => onMove({ kind: 'peel', ...on })}>
            {labels.peel}
          </button>
        )}
        <button type="button" className="btn btn-outline" onClick={() => start('wait')}>
          {labels.letCool}
        </button>
        <button type="button" className="btn btn-outline" onClick={() => start('to-bench')}>
          {labels.toBench}
        </button>
        <button type="button" className="btn btn-outline" onClick={() => onMove({ kind: 'turn' })}>
          {labels.turn}
        </button>
        <button
          type="button"
          className="btn btn-outline font-bold"
          disabled={seen.parts.every((p) => p.laid.length === 0)}
          onClick={() => onMove({ kind: 'hand-over' })}
        >
          {labels.handOver}
        </button>
      </div>
      <div className="flex flex-wrap gap-x-5 gap-y-3 items-end border-t border-rule pt-4">
        <Dial met={met} seen={seen} onMove={onMove} />
        <label className="field">
          <span className="name">{labels.pressure}</span>
          <select
            className="select"
            value={seen.pressure}
            onChange={(e) => onMove({ kind: 'pressure', pressure: e.target.value as Seen['pressure'] })}
          >
            {met.press.pressures.map((p) => (
              <option key={p} value={p}>
                {labels.pressures[p] ?? p}
              </option>
            ))}
          </select>
        </label>
        <button type="button" className="link-quiet pb-2" onClick={() => onMove({ kind: 'measure' })}>
          {labels.measure}
        </button>
        <button
          type="button"
          className="link-quiet pb-2"
          onClick={() => onMove({ kind: 'patch', seconds: seconds && seconds > 0 ? seconds : SCRAP_SECONDS })}
        >
          {labels.scrap(seconds && seconds > 0 ? seconds : SCRAP_SECONDS)}
        </button>
      </div>
      {seen.patch && <p role="status">{labels.scrapCame(saysOf(seen.patch, met.kind === 'cloth').join(' '))}</p>}
      {seen.measuredCelsius !== null && seen.measuredCelsius !== undefined && (
        <p role="status">{labels.measured(units.temperature(seen.measuredCelsius))}</p>
      )}
    </fieldset>
  );
}

/** A layer as one would call it: by its vinyl, and where there are several alike by its place. */
export function nameOf(met: Case, id: string): string {
  const layer = met.layers.find((l) => l.id === id);
  const alike = met.layers.filter((l) => l.roll.id === layer?.roll.id);
  const name = layer?.roll.name.toLowerCase() ?? id;
  return alike.length > 1 ? `${name} ${alike.findIndex((l) => l.id === id) + 1}` : name;
}

function Dial({ met, seen, onMove }: Pick<Props, 'met' | 'seen' | 'onMove'>) {
  const units = useUnits();
  const [typed, setTyped] = useState<number | undefined>();
  const { marks } = met.press;
  if (marks.length > 0)
    return (
      <label className="field">
        <span className="name">{labels.dial}</span>
        <select
          className="select"
          value={seen.dialCelsius}
          onChange={(e) => onMove({ kind: 'dial', celsius: Number(e.target.value) })}
        >
          {marks.map((m) => (
            <option key={m.mark} value={m.celsius}>
              {m.mark}
            </option>
          ))}
        </select>
      </label>
    );
  const shown = typed ?? Math.round(units.degrees(seen.dialCelsius));
  return (
    <form
      className="flex items-end gap-2"
      onSubmit={(e) => {
        e.preventDefault();
        onMove({ kind: 'dial', celsius: units.celsiusFrom(shown) });
        setTyped(undefined);
      }}
    >
      <NumberField name={labels.dial} unit={units.degree} value={shown} onChange={setTyped} />
      <button type="submit" className="btn btn-outline">
        {labels.setDial}
      </button>
    </form>
  );
}
