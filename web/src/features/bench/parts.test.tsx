import { screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { describe, expect, it, vi } from 'vitest';
import { show } from '../../testing/show';
import { Numeral } from './Numeral';
import { Off } from './Off';
import { Questions } from './Questions';
import { Side } from './Side';
import { spaceWord } from './spaceWord';
import { TimeBar } from './TimeBar';
import type { Hand, Station } from './useRun';

const station = { device: { status: { middleCelsius: 140 }, plannedCelsius: 150, hotEnough: false } } as Station;
/** All keys in order; a missing one fails where it is clicked. */
const buttons = () => screen.getAllByRole('button') as [HTMLElement, HTMLElement];
const hand = (kind: string, closesNext = false) => ({ step: { kind, seconds: 20 }, closesNext }) as unknown as Hand;

describe('a countdown', () => {
  it('shows whole seconds that are not over yet, and says them to a screen reader', () => {
    show(<Numeral seconds={11.2} hot label="12 seconds left" testId="countdown" />);
    expect(screen.getByRole('timer').textContent).toBe('12 s');
    expect(screen.getByLabelText('12 seconds left')).toBeTruthy();
  });

  it.each([
    [20, '0%'],
    [5, '75%'],
    [0, '100%'],
    [-3, '100%'],
  ])('with %d s left fills its bar to %s', (left, width) => {
    const { container } = show(<TimeBar left={left} step={hand('hold').step} />);
    expect(container.querySelector<HTMLElement>('[style]')?.style.width).toBe(width);
  });
});

describe('the large key', () => {
  it.each([
    ['hold', false, undefined, 'opened early?'],
    ['wait', false, undefined, 'go on now'],
    ['do', false, undefined, 'done'],
    ['do', true, undefined, 'plate is closed'],
    ['do', true, { hotEnough: true }, 'close the plate'],
    ['do', true, { hotEnough: false }, 'not hot enough yet'],
  ])('at %s, closing %s, says what it does', (kind, closes, device, says) => {
    expect(spaceWord(hand(kind, closes), { device } as Station).toLowerCase()).toContain(says);
  });
});

describe('what is asked before it cannot be undone', () => {
  const said = { onCalm: vi.fn(), onClose: vi.fn(), onSay: vi.fn(), onPress: vi.fn() };

  it('opened early: yes says it, no only closes the question', async () => {
    show(<Questions asking="early" station={station} {...said} />);
    const [yes, no] = buttons();
    await userEvent.click(no);
    expect(said.onClose).toHaveBeenCalledOnce();
    expect(said.onSay).not.toHaveBeenCalled();
    await userEvent.click(yes);
    expect(said.onSay).toHaveBeenCalledWith({ action: 'opened-early' });
  });

  it('peeled warm: it is done knowingly', async () => {
    show(<Questions asking="warm" station={station} {...said} />);
    await userEvent.click(buttons()[0]);
    expect(said.onSay).toHaveBeenCalledWith({ action: 'done', knowingly: true });
  });

  it('too cold: names both temperatures in the reader’s units and closes all the same', async () => {
    show(<Questions asking="cold" station={station} {...said} />, 'us');
    expect(screen.getByRole('alertdialog').getAttribute('aria-label')).toMatch(/284.*302/);
    await userEvent.click(buttons()[0]);
    expect(said.onPress).toHaveBeenCalledWith({ action: 'close-and-open' });
  });

  it('asks nothing of a press that cannot be read', () => {
    show(<Questions asking="cold" station={{} as Station} {...said} />);
    expect(screen.queryByRole('alertdialog')).toBeNull();
  });
});

describe('which side', () => {
  it('marks the one that is looked at and passes on the other', async () => {
    const side = vi.fn();
    show(<Side faces={['front', 'back']} side="back" onSide={side} />);
    expect(screen.getByText('back').getAttribute('aria-pressed')).toBe('true');
    await userEvent.click(screen.getByText('front'));
    expect(side).toHaveBeenCalledWith('front');
  });
});

describe('something is off', () => {
  it('keeps a remark only when there is one', async () => {
    const [say, close] = [vi.fn(), vi.fn()];
    show(<Off canSee={false} lastHold={null} signs={<p>signs</p>} onSay={say} onClose={close} />);
    expect(screen.queryByText('signs')).toBeNull();
    const [keep] = buttons();
    expect(keep).toHaveProperty('disabled', true);
    await userEvent.type(screen.getByRole('textbox'), 'The pad slipped.');
    await userEvent.click(keep);
    expect(say).toHaveBeenCalledWith({ action: 'something-off', note: 'The pad slipped.' });
    expect(close).toHaveBeenCalledOnce();
  });

  it.each([
    ['18', true],
    ['4,5', true],
    ['-1', false],
    ['4000', false],
    ['long', false],
  ])('a plate closed for %s s is taken: %s', async (typed, taken) => {
    const say = vi.fn();
    show(<Off canSee lastHold={12.3} signs={<p>signs</p>} onSay={say} onClose={() => {}} />);
    await userEvent.type(screen.getAllByRole('textbox')[1] as HTMLElement, typed);
    const key = screen.getAllByRole('button').at(-1) as HTMLButtonElement;
    expect(key.disabled).toBe(!taken);
    if (taken) {
      await userEvent.click(key);
      expect(say).toHaveBeenCalledWith({ action: 'hold-was', seconds: Number(typed.replace(',', '.')) });
    }
  });
});
