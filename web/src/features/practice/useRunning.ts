import { useEffect, useRef, useState } from 'react';

const TICK_MS = 50;

export type Running = 'close' | 'wait' | 'to-bench';

/** A clock that runs while the plate is closed, or the piece lies, and stands still while one thinks. */
export function useRunning(speed: number, onEnd: (what: Running, seconds: number) => void) {
  const [what, setWhat] = useState<Running | null>(null);
  const [seconds, setSeconds] = useState(0);
  const limit = useRef<number | null>(null);
  const state = useRef({ at: 0, seconds: 0, runs: false });
  const ended = useRef(onEnd);
  ended.current = onEnd;
  const stop = (kind: Running) => {
    // It ends once, however often the clock ticks before that is drawn.
    if (!state.current.runs) return;
    state.current.runs = false;
    const most = limit.current ?? Number.POSITIVE_INFINITY;
    const took = Math.round(Math.min(most, state.current.seconds) * 10) / 10;
    setWhat(null);
    setSeconds(0);
    ended.current(kind, took);
  };
  const stopNow = useRef(stop);
  stopNow.current = stop;
  useEffect(() => {
    if (!what) return;
    state.current = { at: performance.now(), seconds: 0, runs: true };
    const timer = setInterval(() => {
      const now = performance.now();
      state.current.seconds += ((now - state.current.at) / 1000) * speed;
      state.current.at = now;
      setSeconds(state.current.seconds);
      if (limit.current !== null && state.current.seconds >= limit.current) stopNow.current(what);
    }, TICK_MS);
    return () => clearInterval(timer);
  }, [what, speed]);
  return {
    what,
    seconds,
    start: (kind: Running, most: number | null) => {
      limit.current = most;
      setWhat(kind);
    },
    stop: () => what && stop(what),
  };
}
