import { useEffect, useState } from 'react';
import { time } from '../app/unitMath';
import * as labels from './labels';
import { useAlarm } from './senses';

interface Props {
  /** Its own name: a reload in the middle loses nothing. */
  name: string;
  seconds: number;
  /** What is begun with it, on its key. */
  start: string;
  /** What is said when its time is over. */
  over: string;
}

const key = (name: string) => `juxtherm.clock.${name}`;
// What was begun so long ago was forgotten.
const FORGOTTEN_MS = 3_600_000;

function begun(name: string): number | null {
  const at = Number(localStorage.getItem(key(name)));
  return at > 0 && Date.now() - at < FORGOTTEN_MS ? at : null;
}

/** A clock for something that belongs to no run: begun by hand, heard when it is over. */
export function Clock({ name, seconds, start, over }: Props) {
  const [from, setFrom] = useState(() => begun(name));
  const [now, setNow] = useState(() => Date.now());
  const left = from === null ? null : seconds - (now - from) / 1000;
  const running = left !== null && left > 0;
  useEffect(() => {
    if (!running) return;
    const timer = window.setInterval(() => setNow(Date.now()), 100);
    return () => window.clearInterval(timer);
  }, [running]);
  const { unlock, forget } = useAlarm(running ? name : null);
  const set = (at: number | null) => {
    if (at === null) forget();
    else unlock();
    if (at === null) localStorage.removeItem(key(name));
    else localStorage.setItem(key(name), String(at));
    setNow(Date.now());
    setFrom(at);
  };
  return (
    <span className="flex items-center gap-4" data-testid="clock" data-left={left === null ? '' : Math.ceil(left)}>
      {left === null ? (
        <button type="button" className="btn btn-primary" onClick={() => set(Date.now())}>
          {start}: {time(seconds)}
        </button>
      ) : (
        <>
          <strong className="numeral text-[2.6rem] leading-none tabular-nums" role="timer">
            {running ? `${Math.ceil(left)} s` : over}
          </strong>
          <button type="button" className="btn btn-sm btn-ghost" onClick={() => set(null)}>
            {running ? labels.stop2 : labels.again}
          </button>
        </>
      )}
    </span>
  );
}
