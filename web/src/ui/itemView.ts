import type { Schemas } from '../api/client';

type FacePlacement = Schemas['FacePlacement'];

interface BoxMm {
  xMm: number;
  yMm: number;
  widthMm: number;
  heightMm: number;
}

export interface View {
  left: number;
  top: number;
  width: number;
  height: number;
}

/** Steps of the zoom: the whole item, what matters of it, then closer and closer on the artwork. */
export const ZOOMS = ['whole', 1, 1.6, 2.5, 4, 6.3] as const;
export const FIT = 1;

const ROOM = 0.06;
// Below the artwork so much of the item is seen, as a share of its free height and at least, mm.
const BELOW = 0.3;
const LEAST_BELOW = 100;

function padded(left: number, top: number, right: number, bottom: number): View {
  const room = ROOM * Math.max(right - left, bottom - top);
  return { left: left - room, top: top - room, width: right - left + 2 * room, height: bottom - top + 2 * room };
}

function whole(p: FacePlacement): View {
  const xs = p.outline.map((o) => o.x);
  const ys = p.outline.map((o) => o.y);
  return padded(Math.min(0, ...xs), Math.min(0, ...ys), Math.max(p.widthMm, ...xs), Math.max(p.heightMm, ...ys));
}

/** What matters for placing: from side to side, from the top to a good way below the artwork; sleeves are cut away. */
function framedOn(p: FacePlacement, art: BoxMm | null): View {
  const all = whole(p);
  const [leftSide, rightSide] = [p.leftSideMm ?? 0, p.rightSideMm ?? p.widthMm];
  const ys = p.outline.map((o) => o.y);
  const end = Math.max(p.heightMm, ...ys);
  const bottom = art ? art.yMm + art.heightMm + Math.max(LEAST_BELOW, BELOW * p.heightMm) : end;
  const framed = padded(
    Math.min(leftSide, art?.xMm ?? leftSide),
    Math.min(0, ...ys, art?.yMm ?? 0),
    Math.max(rightSide, art ? art.xMm + art.widthMm : rightSide),
    Math.max(art ? art.yMm + art.heightMm : 0, Math.min(end, bottom)),
  );
  const left = Math.max(framed.left, Math.min(all.left, art?.xMm ?? all.left));
  return { ...framed, left };
}

/** What is seen of a face at a step of the zoom. */
export function viewOf(p: FacePlacement, zoom: number, art: BoxMm | null): View {
  const step = ZOOMS[Math.max(0, Math.min(ZOOMS.length - 1, zoom))] ?? 1;
  if (step === 'whole') return whole(p);
  const framed = framedOn(p, art);
  if (step === 1) return framed;
  const [width, height] = [framed.width / step, framed.height / step];
  const [x, y] = art
    ? [art.xMm + art.widthMm / 2, art.yMm + art.heightMm / 2]
    : [framed.left + framed.width / 2, framed.top + framed.height / 2];
  const within = (at: number, size: number, low: number, room: number) =>
    Math.min(Math.max(at - size / 2, low), low + room - size);
  return {
    left: within(x, width, framed.left, framed.width),
    top: within(y, height, framed.top, framed.height),
    width,
    height,
  };
}

/** Where a figure stands on a line so that it is seen: in the middle of what is in view, else at the view's edge. */
export function labelOn(from: number, to: number, low: number, high: number, room: number): number {
  const [a, b] = [Math.max(Math.min(from, to), low), Math.min(Math.max(from, to), high)];
  return Math.min(Math.max((a + b) / 2, low + room), high - room);
}
