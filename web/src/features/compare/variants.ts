import type { Catalogue, Plan } from '../../api/client';
import { changed, type Job, withLayer } from '../../api/job';
import type { Units } from '../../app/unitMath';
import { time } from '../../app/unitMath';
import { bondingPress, goesOf, PURPOSE, peelTimes, wholePresses } from '../../ui/purposes';

/** The same job under another press, which brings its own plate, underlay and cover. */
export function underPress(job: Job, heatSource: string): Job {
  return {
    ...job,
    tools: changed(job.tools, {
      heatSource,
      underlay: undefined,
      cover: undefined,
      plateWidthMm: undefined,
      plateHeightMm: undefined,
      steam: undefined,
    }),
  };
}

/** The same job in another vinyl; what the old one's wrapper says goes with it. */
export function inVinyl(job: Job, vinyl: string): Job {
  return withLayer(job, 0, changed(job.layers[0], { vinyl, label: undefined }));
}

export function onMaterial(job: Job, material: string): Job {
  return { ...job, blank: { ...job.blank, material } };
}

/** A press to set beside the one in use: one of another kind that can press the item, the handheld one first. */
export function anotherPress(job: Job, catalogue: Catalogue, taken: readonly string[]): string {
  const form = catalogue.forms.find((f) => f.id === job.blank.form);
  const fitting = catalogue.heatSources.filter((h) => h.presses.includes(form?.shape ?? 'flat'));
  const left = fitting.filter((h) => !taken.includes(h.id));
  return (left.find((h) => h.id === 'handheld-press') ?? left[0] ?? fitting[0])?.id ?? job.tools.heatSource;
}

export interface Row {
  name: string;
  values: string[];
  /** The values are not all the same. */
  differs: boolean;
}

/** What the plans come to, line by line; a plan that is not there yet leaves its place empty. */
export function rows(plans: readonly (Plan | undefined)[], units: Units): Row[] {
  const line = (name: string, of: (plan: Plan) => string): Row => {
    const values = plans.map((p) => (p ? of(p) : ''));
    return { name, values, differs: new Set(values.filter((v) => v !== '')).size > 1 };
  };
  const press = (p: Plan) => bondingPress(p.presses);
  return [
    line('pressure', (p) => press(p)?.pressure ?? ''),
    line('presses', (p) =>
      wholePresses(p.presses)
        .map((w) => `${PURPOSE[w.press.purpose]} ${goesOf(w) > 1 ? `${goesOf(w)} × ` : ''}${time(w.press.seconds)}`)
        .join(', '),
    ),
    line('peel', (p) => {
      const peel = p.presses.findLast((x) => x.peel.method !== 'none')?.peel;
      return peel ? `${peel.method}, from ${time(peelTimes(peel).from)}` : 'none';
    }),
    line('of a hundred', (p) => p.certainty?.perHundred ?? ''),
    line('seconds that are sure', (p) =>
      p.margin.fromSeconds !== null && p.margin.fromSeconds < p.margin.toSeconds
        ? `${Math.ceil(p.margin.fromSeconds)} to ${time(Math.floor(p.margin.toSeconds))}`
        : 'none',
    ),
    line('beside the print at most', (p) => units.temperature(p.margin.hottestClothCelsius)),
    line('by hand', (p) => time(p.times.handsOnSeconds)),
    line('start to finish', (p) => time(p.times.elapsedSeconds)),
  ];
}
