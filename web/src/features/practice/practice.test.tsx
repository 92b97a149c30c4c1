import { act, cleanup, fireEvent, render, screen } from '@testing-library/react';
import { afterEach, describe, expect, it, vi } from 'vitest';
import { PreferencesProvider } from '../../app/units';
import { Controls, nameOf } from './Controls';
import { GlueLines, momentsOf } from './GlueLines';
import { laidOnTop } from './Piece';
import { Shelf } from './Shelf';
import { type Case, fileOf, type Judged, type Move, readFile, type Seen } from './usePractice';

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
    { id: 'a', face: 'front', over: [], roll: { id: 'smooth', name: 'Smooth', family: 'smooth', wrapper: null } },
    { id: 'b', face: 'front', over: ['a'], roll: { id: 'smooth', name: 'Smooth', family: 'smooth', wrapper: null } },
    { id: 'c', face: 'back', over: [], roll: { id: 'glow', name: 'Glow', family: 'glow', wrapper: null } },
  ],
  props: [],
  shelf: [],
  covers: [
    { id: 'ptfe', name: 'PTFE sheet' },
    { id: 'parchment', name: 'Parchment' },
  ],
  underlays: [{ id: 'pad', name: 'Pad' }],
  hasLabel: true,
} as unknown as Case;

const seen = {
  seconds: 0,
  dialCelsius: 150,
  pressure: 'medium',
  props: {},
  laid: ['a'],
  parts: [{ laid: ['a'], carrierOn: true, pressed: false }],
  vinyl: 'smooth',
  cover: 'ptfe',
  underlay: 'pad',
  begun: false,
  label: null,
  patch: null,
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

describe('a print wider than the plate', () => {
  afterEach(cleanup);

  it('is laid, pressed and peeled part by part', () => {
    const onMove = vi.fn();
    const parts = [
      { laid: ['a'], carrierOn: false, pressed: true },
      { laid: [], carrierOn: false, pressed: false },
    ];
    render(
      <PreferencesProvider>
        <Controls met={met} seen={{ ...seen, parts }} busy={false} onMove={onMove} onClosed={() => {}} />
      </PreferencesProvider>,
    );
    expect(screen.queryByText('Lay smooth 1')).toBeNull();
    fireEvent.click(screen.getByText('Part 2 of 2'));
    fireEvent.click(screen.getByText('Lay smooth 1'));
    expect(onMove).toHaveBeenCalledExactlyOnceWith({ kind: 'lay', layers: ['a'], part: 2 });
  });
});

describe('the shelf', () => {
  afterEach(cleanup);

  const shelf = (now: Partial<Seen>, onMove = vi.fn()) => {
    render(<Shelf met={met} seen={{ ...seen, ...now }} onMove={onMove} />);
    return onMove;
  };

  it('offers what there is to choose from, and the label to read', () => {
    const onMove = shelf({});
    expect(screen.queryByLabelText('Underneath')).toBeNull();
    fireEvent.change(screen.getByLabelText('Cover sheet'), { target: { value: 'parchment' } });
    fireEvent.click(screen.getByText('Read the care label'));
    expect(onMove.mock.calls).toEqual([[{ kind: 'cover', supply: 'parchment' }], [{ kind: 'read-label' }]]);
  });

  it('stays as it is once something lies on the press', () => {
    shelf({ begun: true, label: { material: 'Polyester', dots: 2 } });
    expect(screen.getByLabelText<HTMLSelectElement>('Cover sheet').disabled).toBe(true);
    expect(screen.getByText('Polyester')).toBeTruthy();
    expect(screen.getByLabelText('Iron, dots: 2')).toBeTruthy();
  });
});

describe('which face is seen', () => {
  it('is the one that is up', () => {
    const both = { ...seen, parts: [{ laid: ['a', 'c'], carrierOn: false, pressed: true }] };
    expect(laidOnTop(met, both).map((l) => l.id)).toEqual(['a']);
    expect(laidOnTop(met, { ...both, faceUp: false }).map((l) => l.id)).toEqual(['c']);
  });
});

describe('how warm the glue was', () => {
  it('says where the plate was opened, once for each time', () => {
    const phase = (startSeconds: number, plateClosed: boolean, glue: number[]) => ({
      startSeconds,
      plateClosed,
      seconds: glue.length,
      times: glue.map((_, i) => i),
      glue,
      plate: glue.map(() => 155),
      faces: glue.map((g) => [g + 10, g]),
      sheets: [{ id: 'face', name: 'Tee', thicknessMm: 0.6 }],
    });
    const trace = [
      phase(30, true, [22, 120]),
      phase(36, false, [90]),
      phase(60, true, [130]),
      phase(61, false, [100]),
    ] as unknown as Judged['ownTrace'];
    expect(momentsOf(trace).map((m) => m.seconds)).toEqual([0, 1, 6, 30, 31]);
    render(
      <PreferencesProvider>
        <GlueLines own={trace} careful={trace} />
      </PreferencesProvider>,
    );
    expect(screen.getAllByText('you opened')).toHaveLength(2);
    // The stack is shown as the plate last opened, and at whatever second is asked for.
    fireEvent.change(screen.getByRole('slider'), { target: { value: '1' } });
    expect(screen.getByText('In the stack, at second 1')).toBeTruthy();
    expect(screen.getAllByRole('img', { name: /Tee/ })).toHaveLength(2);
  });
});
