import { act, cleanup, fireEvent, render, screen } from '@testing-library/react';
import { afterEach, describe, expect, it, vi } from 'vitest';
import { PreferencesProvider } from '../../app/units';
import { Controls, nameOf } from './Controls';
import { GlueLines } from './GlueLines';
import { type Case, fileOf, type Move, readFile, type Seen } from './usePractice';

const met = {
  id: 'first-shirt',
  kind: 'cloth',
  form: 'tee',
  item: 'Tee',
  press: {
    name: 'Swing-away press',
    leastCelsius: 40,
    mostCelsius: 220,
    stepCelsius: 1,
    marks: [],
    pressures: ['light', 'medium'],
  },
  layers: [
    { id: 'a', vinyl: 'Smooth', family: 'smooth', over: [] },
    { id: 'b', vinyl: 'Smooth', family: 'smooth', over: ['a'] },
    { id: 'c', vinyl: 'Glow', family: 'glow', over: [] },
  ],
  props: [],
} as unknown as Case;

const seen = {
  seconds: 0,
  dialCelsius: 150,
  pressure: 'medium',
  props: {},
  laid: ['a'],
  carrierOn: true,
  faceUp: true,
  touch: 'cool',
  signs: [],
  measuredCelsius: null,
  over: false,
} as unknown as Seen;

describe('a practice file', () => {
  it('is read back as it was saved', () => {
    const moves: Move[] = [{ kind: 'close', seconds: 5 }];
    expect(readFile(JSON.stringify(fileOf('felt', moves)))).toEqual({
      format: 'juxtherm.practice',
      version: 1,
      case: 'felt',
      moves,
    });
  });

  it.each([
    '',
    '{',
    '[]',
    'null',
    '{"format":"other","version":1,"case":"a","moves":[]}',
    '{"format":"juxtherm.practice","version":2}',
  ])('is not %s', (text) => expect(readFile(text)).toBeNull());
});

describe('layers', () => {
  it('are called by their vinyl, and by a number where two are alike', () => {
    expect(['a', 'b', 'c'].map((id) => nameOf(met, id))).toEqual(['smooth 1', 'smooth 2', 'glow']);
  });
});

describe('the clock', () => {
  afterEach(() => {
    cleanup();
    vi.useRealTimers();
  });

  const bench = (onMove: (...moves: Move[]) => void) =>
    render(
      <PreferencesProvider>
        <Controls met={met} seen={seen} busy={false} onMove={onMove} onClosed={() => {}} />
      </PreferencesProvider>,
    );

  it('runs ten times as fast while the plate is closed, and opens where the seconds are known', () => {
    vi.useFakeTimers();
    const onMove = vi.fn();
    bench(onMove);
    fireEvent.change(screen.getByLabelText('Seconds, if you know them'), { target: { value: '12' } });
    fireEvent.click(screen.getByText('Close for 12 s'));
    act(() => vi.advanceTimersByTime(1000));
    expect(onMove).not.toHaveBeenCalled();
    act(() => vi.advanceTimersByTime(300));
    expect(onMove).toHaveBeenCalledExactlyOnceWith({ kind: 'close', seconds: 12 });
  });

  it('stops when the plate is opened by hand', () => {
    vi.useFakeTimers();
    const onMove = vi.fn();
    bench(onMove);
    fireEvent.click(screen.getByText('Clock × 1'));
    fireEvent.click(screen.getByText('Close'));
    act(() => vi.advanceTimersByTime(4000));
    expect(document.activeElement?.textContent).toBe('Open');
    fireEvent.click(screen.getByText('Open'));
    const move = onMove.mock.calls[0]?.[0] as Move;
    expect(move.kind).toBe('close');
    expect(move.seconds).toBeGreaterThan(3.8);
    expect(move.seconds).toBeLessThan(4.2);
  });

  it('offers what can be done: layers that are not laid, and a peel while a carrier is on', () => {
    const onMove = vi.fn();
    bench(onMove);
    fireEvent.click(screen.getByText('Lay smooth 2'));
    fireEvent.click(screen.getByText('Peel'));
    expect(screen.queryByText('Lay smooth 1')).toBeNull();
    expect(onMove.mock.calls).toEqual([[{ kind: 'lay', layers: ['b'] }], [{ kind: 'peel' }]]);
  });
});

describe('how warm the glue was', () => {
  it('says where the plate was opened, once for each time', () => {
    const trace = [
      { seconds: 30, glueCelsius: 22, closed: true },
      { seconds: 35, glueCelsius: 120, closed: true },
      { seconds: 36, glueCelsius: 90, closed: false },
      { seconds: 60, glueCelsius: 130, closed: true },
      { seconds: 61, glueCelsius: 100, closed: false },
    ];
    render(
      <PreferencesProvider>
        <GlueLines own={trace} careful={trace} />
      </PreferencesProvider>,
    );
    expect(screen.getAllByText('you opened')).toHaveLength(2);
  });
});
