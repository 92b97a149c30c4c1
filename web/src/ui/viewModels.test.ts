import { describe, expect, it } from 'vitest';
import type { Catalogue, TracePhase } from '../api/client';
import { changed, newJob, withEdits } from '../api/job';
import { time, Units } from '../app/unitMath';
import { agreed } from '../features/jobs/agreed';
import { ServerClock } from './countdown';
import { heatColour } from './heat';
import { facesAt, ribbon, sampleAt, sheetHeight } from './trace';

const phase = (seconds: number): TracePhase =>
  ({
    kind: 'press',
    pressOrder: 1,
    startSeconds: 0,
    seconds,
    plateClosed: true,
    sheets: [],
    times: [0, 1, 4],
    plate: [],
    faces: [
      [20, 20],
      [40, 30],
      [100, 60],
    ],
    glue: [],
    bareFace: [],
    waterShare: [],
    bond: [],
  }) as TracePhase;

describe('trace', () => {
  it('finds the sample at or before a time', () => {
    expect([0, 0.9, 1, 3.9, 4, 99].map((t) => sampleAt(phase(4), t))).toEqual([0, 0, 1, 1, 2, 2]);
  });

  it('runs in a straight line between samples and stays at the ends', () => {
    expect(facesAt(phase(4), 2.5)).toEqual([70, 45]);
    expect(facesAt(phase(4), 50)).toEqual([100, 60]);
  });

  it('fills the strip exactly and keeps every phase wide enough to tap', () => {
    const blocks = ribbon([phase(5), phase(20), phase(12), phase(900)], 900, 40);
    const last = blocks[3];
    expect((last?.x ?? 0) + (last?.width ?? 0)).toBeCloseTo(900, 6);
    expect(Math.min(...blocks.map((b) => b.width))).toBeGreaterThanOrEqual(39.999);
  });

  it('draws thicker sheets higher', () => {
    expect(sheetHeight(8)).toBeGreaterThan(sheetHeight(0.45));
    expect(sheetHeight(0.45)).toBeGreaterThan(sheetHeight(0.09));
  });
});

describe('units', () => {
  it('shows dial temperatures in both', () => {
    expect(new Units('metric').temperature(154.4)).toBe('154 °C');
    expect(new Units('metric').otherTemperature(154.4)).toBe('310 °F');
    expect(new Units('us').temperature(154.4)).toBe('310 °F');
  });

  it('reads back what it shows', () => {
    const us = new Units('us');
    expect(us.lengthShown(us.mmFrom(9.45))).toBe(9.45);
    expect(us.degrees(us.celsiusFrom(310))).toBeCloseTo(310, 0);
  });

  it('writes times as people say them', () => {
    expect([12, 90, 91, 120].map(time)).toEqual(['12 s', '90 s', '1 min 31 s', '2 min']);
  });
});

describe('server clock', () => {
  it('counts by the server even when this device is an hour off', () => {
    const clock = new ServerClock('2026-01-01T10:00:00Z', 5000);
    expect(clock.secondsLeft('2026-01-01T10:00:12Z', 9000)).toBe(8);
    expect(clock.secondsLeft('2026-01-01T10:00:12Z', 99_000)).toBe(0);
    expect(clock.secondsLeft('2026-01-01T10:00:12Z', 4990)).toBe(12);
    expect(clock.secondsSince('2026-01-01T09:59:58Z', 6000)).toBe(3);
  });
});

describe('heat colour', () => {
  it('goes from teal to ember without a jump', () => {
    expect(heatColour(0)).toBe(heatColour(20));
    expect(heatColour(400)).toBe(heatColour(185));
    expect(heatColour(22)).not.toBe(heatColour(150));
  });
});

describe('job', () => {
  it('keeps members it does not know and drops what is taken away', () => {
    const job = { ...newJob('smooth', 'tee', 'cotton', 'swing-platen'), later: { x: 1 } };
    expect(changed(job, { title: 'A' })).toMatchObject({ later: { x: 1 }, title: 'A' });
    expect('quantity' in changed(job, { quantity: undefined })).toBe(false);
  });
});

describe('edits to a job', () => {
  const job = newJob('flock', 'tee', 'cotton', 'swing-platen');

  it('set members at their pointers and leave the job they came from alone', () => {
    const mended = withEdits(job, [
      { op: 'replace', path: '/layers/0/vinyl', value: 'low-temp' },
      { op: 'add', path: '/tools/steam', value: false },
    ]);
    expect(mended.layers[0].vinyl).toBe('low-temp');
    expect(mended.tools.steam).toBe(false);
    expect(job.layers[0].vinyl).toBe('flock');
  });

  it('take members away, from lists too, and leave no hole', () => {
    const two = { ...job, order: ['a', 'b', 'c'] };
    expect(withEdits(two, [{ op: 'remove', path: '/order/1' }]).order).toEqual(['a', 'c']);
    expect('order' in withEdits(two, [{ op: 'remove', path: '/order' }])).toBe(false);
  });

  it('read escaped names', () => {
    expect(withEdits({ ...job, choices: {} }, [{ op: 'add', path: '/choices/a~1b~0c', value: 'x' }]).choices).toEqual({
      'a/b~c': 'x',
    });
  });
});

describe('the sentence', () => {
  const catalogue = {
    heatSources: [
      { id: 'plate', presses: ['flat'] },
      { id: 'wrap', presses: ['curved'] },
    ],
    forms: [
      { id: 'tee', shape: 'flat', materials: ['cotton', 'polyester'], usualMaterial: 'cotton' },
      { id: 'mug', shape: 'curved', materials: ['ceramic'], usualMaterial: 'ceramic' },
    ],
    materials: [],
    vinyls: [],
  } as unknown as Catalogue;
  const tee = { press: 'plate', vinyl: 'smooth', form: 'tee', material: 'polyester' };

  it('keeps choices that agree', () => {
    expect(agreed(catalogue, tee, { vinyl: 'glitter' })).toEqual({ ...tee, vinyl: 'glitter' });
  });

  it('lets the item follow the press, and the material the item', () => {
    expect(agreed(catalogue, tee, { press: 'wrap' })).toMatchObject({ form: 'mug', material: 'ceramic' });
  });

  it('lets the press follow the item', () => {
    expect(agreed(catalogue, tee, { form: 'mug' })).toMatchObject({ press: 'wrap', material: 'ceramic' });
  });

  it('starts a newly chosen item with its usual material', () => {
    const mug = agreed(catalogue, tee, { form: 'mug' });
    expect(agreed(catalogue, mug, { form: 'tee' })).toMatchObject({ press: 'plate', material: 'cotton' });
  });
});
