import { describe, expect, it } from 'vitest';
import type { Schemas } from '../api/client';
import { FIT, labelOn, viewOf, ZOOMS } from './itemView';

type FacePlacement = Schemas['FacePlacement'];

// A tee with sleeves far beyond its sides.
const tee = {
  widthMm: 430,
  heightMm: 560,
  leftSideMm: -40,
  rightSideMm: 470,
  outline: [
    { x: 140, y: 0 },
    { x: -300, y: 300 },
    { x: -40, y: 700 },
    { x: 470, y: 700 },
    { x: 730, y: 300 },
    { x: 290, y: 0 },
  ],
} as unknown as FacePlacement;
const art = { xMm: 150, yMm: 130, widthMm: 120, heightMm: 40 };

describe('what is seen of the item', () => {
  it('cuts the sleeves away, but not the sides', () => {
    const seen = viewOf(tee, FIT, art);
    expect(seen.left).toBeLessThan(-40);
    expect(seen.left).toBeGreaterThan(-100);
    expect(seen.left + seen.width).toBeGreaterThan(470);
    expect(seen.top).toBeLessThan(0);
    expect(seen.top + seen.height).toBeLessThan(450);
  });

  it('shows all of it when asked', () => {
    const seen = viewOf(tee, 0, art);
    expect(seen.left).toBeLessThan(-300);
    expect(seen.top + seen.height).toBeGreaterThan(700);
  });

  it('keeps the artwork in view however close it comes', () => {
    for (let zoom = 0; zoom < ZOOMS.length; zoom++) {
      const seen = viewOf(tee, zoom, art);
      const [x, y] = [art.xMm + art.widthMm / 2, art.yMm + art.heightMm / 2];
      expect(x).toBeGreaterThan(seen.left);
      expect(x).toBeLessThan(seen.left + seen.width);
      expect(y).toBeGreaterThan(seen.top);
      expect(y).toBeLessThan(seen.top + seen.height);
    }
    expect(viewOf(tee, 3, art).width).toBeLessThan(viewOf(tee, 2, art).width);
  });

  it('takes artwork into the frame that lies beside the item', () => {
    const beside = { ...art, xMm: 600 };
    const seen = viewOf(tee, FIT, beside);
    expect(seen.left + seen.width).toBeGreaterThan(720);
  });
});

describe('figures on their lines', () => {
  it('stand in the middle of what is seen of the line', () => {
    expect(labelOn(0, 100, 0, 400, 5)).toBe(50);
    expect(labelOn(0, 100, 60, 400, 5)).toBe(80);
  });

  it('stay at the edge where nothing of the line is seen', () => {
    expect(labelOn(0, 100, 200, 400, 5)).toBe(205);
    expect(labelOn(500, 600, 200, 400, 5)).toBe(395);
  });
});
