import { describe, expect, it } from 'vitest';
import { carrying, type Job, newJob, sheetColours, withAnotherLayer, withLayer } from './job';

const reel = { id: 'own-vinyl-1', name: 'Third reel', family: 'smooth', celsius: 155 };
const shelf = { vinyls: [{ id: 'smooth' }, { id: 'own-vinyl-1', own: reel }], materials: [], heatSources: [] };
const tee = (vinyl = 'smooth') => newJob(vinyl, 'tee', 'cotton', 'swing-platen');

describe('own entries', () => {
  it('travel with the job that uses them', () => {
    expect(carrying(tee('own-vinyl-1'), shelf).own).toEqual({ vinyls: [reel] });
  });

  it('leave with the last use', () => {
    const job = carrying(tee('own-vinyl-1'), shelf);
    expect(carrying(withLayer(job, 0, { ...job.layers[0], vinyl: 'smooth' }), shelf)).not.toHaveProperty('own');
  });

  it('stay as the job was planned, whatever the shelf says now', () => {
    const job: Job = { ...tee('own-vinyl-1'), own: { vinyls: [{ ...reel, celsius: 149 }] } };
    expect(carrying(job, shelf).own?.vinyls?.[0]?.celsius).toBe(149);
  });

  it('change nothing where none is used', () => {
    const job = tee();
    expect(carrying(job, shelf)).toBe(job);
  });
});

describe('layers', () => {
  it('get ids of their own', () => {
    const three = withAnotherLayer(withAnotherLayer(tee()));
    expect(three.layers.map((l) => l.id)).toEqual(['art', 'layer-2', 'layer-3']);
    const two = withLayer(three, 1, null);
    expect(withAnotherLayer(two).layers.map((l) => l.id)).toEqual(['art', 'layer-3', 'layer-4']);
  });

  it('are no longer lain on once they are gone', () => {
    const two = withAnotherLayer(tee());
    const stacked = withLayer(two, 1, { ...(two.layers[1] ?? two.layers[0]), over: ['art'] });
    expect(withLayer(stacked, 0, null).layers).toEqual([{ id: 'layer-2', vinyl: 'smooth', colour: '#d9a441' }]);
  });

  it('never all go', () => {
    const job = tee();
    expect(withLayer(job, 0, null)).toBe(job);
  });

  it('have their colours in the picture of the stack', () => {
    expect(sheetColours(tee())).toEqual({ vinyl: '#1b2a49' });
    expect(sheetColours(withAnotherLayer(tee()))).toEqual({ 'vinyl-art': '#1b2a49', 'vinyl-layer-2': '#d9a441' });
  });
});
