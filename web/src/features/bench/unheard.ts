import type { Schemas } from '../../api/client';

type Hand = Schemas['HandAnswer'];

/** Something said that the service has not heard yet. */
export interface Unheard {
  commandId: string;
  /** When it was said, by this device's clock, ms since 1970. */
  saidAt: number;
  body: Record<string, unknown> & { action: string; piece: number; move: number | null };
}

/** A hand as it must be by now, if the service heard what was said; what comes after is not known here. */
export interface Foreseen extends Hand {
  unheard: true;
  /** The plate was opened since, after so many seconds. */
  openedAfter: number | null;
}

/** How long ago something was said, s, as the service takes it; null for just now. */
export function agoSeconds(said: Unheard, now: number): number | null {
  const ago = (now - said.saidAt) / 1000;
  return ago < 1 ? null : Math.min(3600, Math.round(ago * 10) / 10);
}

/**
 * Counts on while the service cannot be heard: a step done by hand leads to the one after it, which the service told beforehand; what comes
 * after that, nobody here knows.
 * @param serverAt the service's time of a moment on this device's clock
 */
export function foreseen(
  focus: Hand,
  unheard: readonly Unheard[],
  serverAt: (deviceMs: number) => number,
): Foreseen | null {
  const mine = unheard.filter((u) => u.body.piece === focus.piece);
  const first = mine[0];
  if (first?.body.action !== 'done' || first.body.move !== focus.move || !focus.next) return null;
  const entered = serverAt(first.saidAt);
  const timed = focus.next.kind === 'hold' || focus.next.kind === 'wait';
  const opened = mine.find((u) => u.body.action === 'opened-early');
  return {
    ...focus,
    move: focus.move + 1,
    step: focus.next,
    stepNumber: focus.stepNumber + 1,
    enteredUtc: new Date(entered).toISOString(),
    dueUtc: timed ? new Date(entered + focus.next.seconds * 1000).toISOString() : null,
    latestUtc: null,
    next: null,
    nextText: null,
    place: null,
    canSee: false,
    closesNext: false,
    unheard: true,
    openedAfter: opened ? (opened.saidAt - first.saidAt) / 1000 : null,
  };
}
