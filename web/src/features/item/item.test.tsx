import { screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { describe, expect, it } from 'vitest';
import { showInJob, tee } from '../../testing/show';
import { ItemStation } from './ItemStation';
import { TheItem } from './TheItem';
import { TheLayers } from './TheLayers';
import { ThePress } from './ThePress';
import { TheWrapper } from './TheWrapper';

describe('the item', () => {
  it('brings its usual material where the old one cannot stay, and drops measures', async () => {
    const job = showInJob(
      <TheItem />,
      tee({ blank: { form: 'tee', material: 'cotton', widthMm: 300, heightMm: 400 } }),
    );
    await userEvent.selectOptions(screen.getByLabelText(/kind of item/i), 'Mug');
    expect(job().blank).toEqual({ form: 'mug', material: 'ceramic' });
  });

  it('asks for a size only where there are sizes', async () => {
    showInJob(<TheItem />, tee());
    const options = [...screen.getByLabelText('Size').querySelectorAll('option')].map((o) => o.value);
    expect(options).toEqual(['', 'child', 'adult-m']);
    await userEvent.selectOptions(screen.getByLabelText(/kind of item/i), 'Mug');
    expect(screen.queryByLabelText('Size')).toBeNull();
  });

  it('adds and takes away what is known of it, and leaves the rest', async () => {
    const job = showInJob(<TheItem />, tee({ blank: { form: 'tee', material: 'cotton', traits: ['dyed-dark'] } }));
    const washed = screen.getByLabelText(/prewashed/i);
    await userEvent.click(washed);
    expect(job().blank.traits).toEqual(['dyed-dark', 'prewashed']);
    await userEvent.click(washed);
    expect(job().blank.traits).toEqual(['dyed-dark']);
  });

  it('shows what the service found wrong beside the field', () => {
    showInJob(<TheItem />, tee(), { '/quantity': '1 to 999 are accepted.' });
    expect(screen.getByText('1 to 999 are accepted.')).toBeTruthy();
    expect(screen.getByLabelText('Pieces').getAttribute('aria-invalid')).toBe('true');
  });
});

describe('the press', () => {
  it('brings its own plate, pad and cover', async () => {
    const job = showInJob(
      <ThePress />,
      tee({ tools: { heatSource: 'swing-platen', underlay: 'board', plateWidthMm: 200, cover: 'parchment' } }),
    );
    await userEvent.selectOptions(screen.getByLabelText('Press'), 'Household iron');
    expect(job().tools).toEqual({ heatSource: 'iron' });
    expect(screen.getByLabelText(/plate width/i)).toHaveProperty('value', '110');
    expect(screen.getByLabelText(/steam/i)).toBeTruthy();
  });

  it('takes a plate in inches', async () => {
    const job = showInJob(<ThePress />, tee(), {}, 'us');
    const width = screen.getByLabelText(/plate width/i);
    await userEvent.clear(width);
    await userEvent.type(width, '15');
    expect(job().tools.plateWidthMm).toBeCloseTo(381, 6);
  });
});

describe('the wrapper', () => {
  it('keeps what was copied and drops it when the last of it is emptied', async () => {
    const job = showInJob(<TheWrapper at={0} />, tee());
    await userEvent.type(screen.getByLabelText('Time'), '15');
    expect(job().layers[0].label).toEqual({ seconds: 15 });
    await userEvent.clear(screen.getByLabelText('Time'));
    expect(job().layers[0].label).toBeUndefined();
  });

  it('takes degrees Fahrenheit and keeps Celsius', async () => {
    const job = showInJob(<TheWrapper at={0} />, tee(), {}, 'us');
    await userEvent.type(screen.getByLabelText('Temperature'), '305');
    expect(job().layers[0].label?.celsius).toBeCloseTo(151.67, 1);
  });
});

describe('layers', () => {
  const two = () =>
    tee({
      layers: [
        { id: 'art', vinyl: 'smooth', widthMm: 100, heightMm: 50, xMm: 10, yMm: 20, shape: 'M0 0h100v50h-100Z' },
        { id: 'star', vinyl: 'glitter', over: ['art'] },
      ],
    });

  it('lie on others as they are ticked, and no longer when not', async () => {
    const job = showInJob(<TheLayers at={1} onChoose={() => {}} />, two());
    const on = screen.getByLabelText('art');
    expect(on).toHaveProperty('checked', true);
    await userEvent.click(on);
    expect(job().layers[1]?.over).toBeUndefined();
    await userEvent.click(on);
    expect(job().layers[1]?.over).toEqual(['art']);
  });

  it('are added and taken away, and the one in hand stays one that there is', async () => {
    const job = showInJob(<ItemStation />, two());
    await userEvent.click(screen.getByRole('button', { name: /star/ }));
    expect(screen.getByLabelText(/kind of vinyl/i)).toHaveProperty('value', 'glitter');
    await userEvent.click(screen.getByRole('button', { name: /remove this layer/i }));
    expect(job().layers.map((l) => l.id)).toEqual(['art']);
    expect(screen.getByLabelText(/kind of vinyl/i)).toHaveProperty('value', 'smooth');
  });

  it('with a drawing keep its proportions when one side is typed', async () => {
    const job = showInJob(<TheLayers at={0} onChoose={() => {}} />, two());
    const width = screen.getByLabelText(/artwork width/i);
    await userEvent.clear(width);
    await userEvent.type(width, '200');
    expect(job().layers[0]).toMatchObject({ widthMm: 200, heightMm: 100 });
  });
});
