import { describe, expect, it } from 'vitest';
import type { Catalogue, Plan } from '../api/client';
import { newJob } from '../api/job';
import { Units } from '../app/unitMath';
import { fieldDepth } from '../ui/roomField';
import { anotherPress, inVinyl, rows, underPress } from './compare/variants';
import { newerEntries } from './jobs/ShelfNews';
import { withAccepted } from './jobs/Ticket';
import { withWay } from './press/Ways';
import { summary } from './shelf/summary';

const tee = () => newJob('smooth', 'tee', 'cotton', 'swing-platen');

const catalogue = {
  vinyls: [{ id: 'smooth', name: 'Smooth' }],
  heatSources: [
    { id: 'swing-platen', name: 'Swing-away press', presses: ['flat'], plateWidthMm: 380, plateHeightMm: 380 },
    { id: 'clamshell-platen', name: 'Clamshell press', presses: ['flat'], plateWidthMm: 380, plateHeightMm: 380 },
    { id: 'handheld-press', name: 'Handheld press', presses: ['flat'], plateWidthMm: 230, plateHeightMm: 230 },
    { id: 'mug-press', name: 'Mug press', presses: ['curved'] },
  ],
  forms: [{ id: 'tee', shape: 'flat' }],
  materials: [
    { id: 'cotton', name: 'Cotton', limitCelsius: 195 },
    { id: 'polyester', name: 'Polyester', limitCelsius: 150 },
    { id: 'own-blank-1', name: 'Crew tee', limitCelsius: 165 },
  ],
} as unknown as Catalogue;

describe('ways of doing it', () => {
  const choosing = (path: string, own: string, value: string, advised: string) => ({
    options: [
      {
        id: own,
        name: own,
        edits: [
          { op: 'add', path: '/choices', value: {} },
          { op: 'add', path, value },
        ],
      },
      { id: advised, name: advised, edits: [{ op: 'remove', path }] },
    ],
  });
  const way = choosing('/choices/backPress', 'always', 'always', 'never');
  it('are written into the job, and taken out again when they are advised anyway', () => {
    const own = withWay(tee(), way, 'always');
    expect(own.choices).toEqual({ backPress: 'always' });
    expect(withWay(own, way, 'never')).toEqual(tee());
  });

  it('may live among the tools', () => {
    expect(withWay(tee(), choosing('/tools/cover', 'parchment', 'parchment', 'ptfe'), 'parchment').tools.cover).toBe(
      'parchment',
    );
  });
});

describe('acceptance', () => {
  it('keeps the last word for each notice, and can be taken back', () => {
    const once = withAccepted(tee(), 'mirror', 'A ring.');
    expect(withAccepted(once, 'mirror', 'A heart.').accepted).toEqual([{ code: 'mirror', word: 'A heart.' }]);
    expect(withAccepted(once, 'mirror', null)).toEqual(tee());
  });
});

describe('side by side', () => {
  it('sets a press of another kind beside the one in use', () => {
    expect(anotherPress(tee(), catalogue, ['swing-platen'])).toBe('handheld-press');
    expect(anotherPress(tee(), catalogue, ['swing-platen', 'handheld-press'])).toBe('clamshell-platen');
  });

  it('another press brings its own plate, another vinyl its own wrapper', () => {
    const job = tee();
    job.tools.plateWidthMm = 500;
    job.layers[0].label = { celsius: 160 };
    expect(underPress(job, 'handheld-press').tools).toEqual({ heatSource: 'handheld-press' });
    expect(inVinyl(job, 'foil').layers[0]).not.toHaveProperty('label');
  });

  it('tells what differs from what is the same', () => {
    const plan = (seconds: number): Plan =>
      ({
        presses: [
          { purpose: 'press', sections: [], pressure: 'medium', seconds, peel: { method: 'hot', waitSeconds: [0, 5] } },
        ],
        margin: { fromSeconds: 8.4, toSeconds: 40.8, leastBond: 0.7, hottestClothCelsius: 150 },
        times: { handsOnSeconds: 60, elapsedSeconds: 80 },
      }) as unknown as Plan;
    const lines = rows([plan(12), plan(30)], new Units('metric'));
    const line = (name: string) => lines.find((l) => l.name === name);
    expect(line('pressure')).toEqual({ name: 'pressure', values: ['medium', 'medium'], differs: false });
    expect(line('presses')).toMatchObject({ values: ['press 12 s', 'press 30 s'], differs: true });
    expect(line('seconds that are sure')?.values[0]).toBe('9 to 40 s');
    expect(rows([plan(12), undefined], new Units('metric')).every((l) => !l.differs)).toBe(true);
  });
});

describe('the shelf', () => {
  it('says when it holds other figures than a job carries', () => {
    const mine = { id: 'own-vinyl-1', name: 'Reel', family: 'smooth', celsius: 150 };
    expect(newerEntries({ vinyls: [mine] }, [{ id: 'own-vinyl-1', entry: { ...mine } }])).toEqual([]);
    expect(newerEntries({ vinyls: [mine] }, [{ id: 'own-vinyl-1', entry: { ...mine, celsius: 155 } }])).toHaveLength(1);
    expect(newerEntries({ vinyls: [mine] }, [])).toEqual([]);
  });

  it('sums an entry up in a line', () => {
    const units = new Units('metric');
    const vinyl = { id: 'own-vinyl-1', family: 'smooth', celsius: 155, seconds: 15, peel: 'warm' };
    expect(summary('vinyl', vinyl, catalogue, units)).toBe('Smooth · 155 °C · 15 s · peel warm');
    const fibres = [
      { material: 'cotton', percent: 85 },
      { material: 'polyester', percent: 15 },
    ];
    expect(summary('blank', { id: 'own-blank-1', fibres }, catalogue, units)).toBe(
      '85 % cotton, 15 % polyester · takes up to 165 °C',
    );
    const press = { id: 'own-press-1', kind: 'handheld-press', dialOffsetK: -4, pressure: { by: 'scale' } };
    expect(summary('press', press, catalogue, units)).toBe(
      'Handheld press · plate 230 × 230 mm · 4 K cooler than its dial · pressure weighed',
    );
  });
});

describe('safe range', () => {
  it('is deepest where it works even with everything off, and nothing outside', () => {
    expect(fieldDepth(0.3)).toBe(0);
    expect(fieldDepth(0.97)).toBeGreaterThan(0.5);
    expect(fieldDepth(0.8)).toBeGreaterThan(0.2);
    for (let p = 0; p < 1; p += 0.02) expect(fieldDepth(p + 0.02)).toBeGreaterThanOrEqual(fieldDepth(p));
  });
});
