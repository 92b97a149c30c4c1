import { describe, expect, it } from 'vitest';
import { type Job, newJob } from '../../api/job';
import { around, boxOf, drawingOn, placedAt, resized, scaled, shifted, snapped } from './moves';

function job(): Job {
  const made = newJob('smooth', 'tee', 'cotton', 'swing-platen');
  made.layers = [
    { id: 'hill', vinyl: 'smooth', widthMm: 200, heightMm: 100, xMm: 100, yMm: 150 },
    { id: 'star', vinyl: 'smooth', widthMm: 20, heightMm: 20, xMm: 150, yMm: 160 },
    { id: 'name', vinyl: 'smooth', widthMm: 80, heightMm: 20, xMm: 170, yMm: 100, face: 'back' },
  ];
  return made;
}

const places = (j: Job) => j.layers.map((l) => [l.xMm, l.yMm]);

describe('moving artwork', () => {
  it('takes all layers of a face along, and leaves the other face alone', () => {
    expect(places(shifted(job(), 'front', null, 10, -5))).toEqual([
      [110, 145],
      [160, 155],
      [170, 100],
    ]);
  });

  it('takes one along when one is chosen', () => {
    expect(places(shifted(job(), 'front', 1, 0.3, 0.3))).toEqual([
      [100, 150],
      [150.5, 160.5],
      [170, 100],
    ]);
  });

  it('puts the whole at a place', () => {
    const moved = placedAt(job(), 'front', 95, 135);
    expect(around(moved.layers.slice(0, 2).map((l) => boxOf(l) as never))).toEqual({
      xMm: 95,
      yMm: 135,
      widthMm: 200,
      heightMm: 100,
    });
  });

  it('places what was nowhere yet, middle on middle', () => {
    const fresh = job();
    fresh.layers = [
      { id: 'hill', vinyl: 'smooth', widthMm: 200, heightMm: 100 },
      { id: 'star', vinyl: 'smooth', widthMm: 20, heightMm: 20 },
    ];
    expect(places(placedAt(fresh, 'front', 100, 135))).toEqual([
      [100, 135],
      [190, 175],
    ]);
  });

  it('keeps colours in register however the whole is scaled', () => {
    const drawing = job();
    drawing.layers = drawing.layers.map((l) => ({ ...l, shape: 'M0 0H1V1Z' })) as unknown as Job['layers'];
    expect(drawingOn(drawing, 'front').map((l) => l.id)).toEqual(['hill', 'star']);
    expect(drawingOn(drawing, 'back')).toEqual([]);
    const wide = scaled(drawing, 'front', 260 / 200);
    const [hill, star] = wide.layers;
    expect(hill?.widthMm).toBeCloseTo(260);
    // The star stays a quarter in from the left of the hill and a tenth down.
    expect(((star?.xMm ?? 0) - (hill?.xMm ?? 0)) / 260).toBeCloseTo(0.25);
    expect(((star?.yMm ?? 0) - (hill?.yMm ?? 0)) / 130).toBeCloseTo(0.1);
  });

  it('resizes one on purpose in its proportions, letters with it', () => {
    const word = { text: 'Tarn', heightMm: 40, gapMm: 2 };
    const one = { id: 'word', vinyl: 'smooth', widthMm: 100, heightMm: 40, xMm: 50, yMm: 10, shape: 'M0 0H1V1Z', word };
    expect(resized(one, { widthMm: 50 })).toMatchObject({
      widthMm: 50,
      heightMm: 20,
      xMm: 75,
      yMm: 10,
      word: { text: 'Tarn', heightMm: 20, gapMm: 1 },
    });
    // A box that was only measured is as wide and as high as somebody says.
    expect(resized({ id: 'box', vinyl: 'smooth', widthMm: 10, heightMm: 10 }, { widthMm: 30 })).toMatchObject({
      widthMm: 30,
      heightMm: 10,
    });
  });

  it('scales about the middle of the upper edge', () => {
    const half = scaled(job(), 'front', 0.5);
    expect(half.layers[0]).toMatchObject({ widthMm: 100, heightMm: 50, xMm: 150, yMm: 150 });
    expect(half.layers[1]).toMatchObject({ widthMm: 10, heightMm: 10, xMm: 175, yMm: 155 });
  });
});

describe('snapping', () => {
  const box = { xMm: 100, yMm: 150, widthMm: 200, heightMm: 100 };
  const placement = {
    widthMm: 430,
    proposals: [{ id: 'chest', name: 'Chest', xMm: 115, yMm: 135 }],
  } as never;

  it('draws to the middle line', () => {
    expect(snapped(box, 13, 40, placement)).toMatchObject({ dx: 15, dy: 40, onMiddle: true, onRule: null });
  });

  it('draws to a rule', () => {
    expect(snapped(box, 12, -12, placement)).toMatchObject({ dx: 15, dy: -15, onRule: 'Chest' });
  });

  it('leaves alone what is far from both', () => {
    expect(snapped(box, 60, 60, placement)).toMatchObject({ dx: 60, dy: 60, onMiddle: false, onRule: null });
  });
});
