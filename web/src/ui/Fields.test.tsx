import { screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { useState } from 'react';
import { describe, expect, it, vi } from 'vitest';
import { show } from '../testing/show';
import { ChoiceField, NumberField } from './Fields';

/** Keeps whole numbers only. */
function Rounded() {
  const [kept, setKept] = useState<number | undefined>(10);
  return (
    <NumberField
      name="Time"
      value={kept}
      unit="s"
      onChange={(n) => setKept(n === undefined ? undefined : Math.round(n))}
    />
  );
}

describe('a number with its unit', () => {
  it('passes on what is typed as soon as it is a number, with a comma too', async () => {
    const change = vi.fn();
    show(<NumberField name="Width" value={undefined} unit="mm" onChange={change} />);
    await userEvent.type(screen.getByLabelText('Width'), '12,5');
    expect(change).toHaveBeenLastCalledWith(12.5);
  });

  it('keeps half-typed text on the screen, says so, and passes nothing on', async () => {
    const change = vi.fn();
    show(<NumberField name="Width" value={30} unit="mm" onChange={change} />);
    const field = screen.getByLabelText('Width');
    await userEvent.clear(field);
    change.mockClear();
    await userEvent.type(field, '-');
    expect(change).not.toHaveBeenCalled();
    expect(field).toHaveProperty('value', '-');
    expect(field.getAttribute('aria-invalid')).toBe('true');
    expect(field.getAttribute('aria-describedby')).toBe(screen.getByText(/a number is accepted/i).id);
  });

  it('says nothing when it is emptied', async () => {
    const change = vi.fn();
    show(<NumberField name="Time" value={12} unit="s" onChange={change} />);
    await userEvent.clear(screen.getByLabelText('Time'));
    expect(change).toHaveBeenLastCalledWith(undefined);
  });

  it('does not jump while it is typed in, and shows what was kept afterwards', async () => {
    show(<Rounded />);
    const field = screen.getByLabelText('Time');
    await userEvent.clear(field);
    await userEvent.type(field, '7.6');
    expect(field).toHaveProperty('value', '7.6');
    await userEvent.tab();
    expect(field).toHaveProperty('value', '8');
  });

  it('shows what the service found wrong beside it', () => {
    show(<NumberField name="Width" value={1} unit="mm" onChange={() => {}} fault="10 to 2000 mm are accepted." />);
    expect(screen.getByLabelText('Width').getAttribute('aria-invalid')).toBe('true');
    expect(screen.getByText('10 to 2000 mm are accepted.').className).toContain('fault');
  });
});

describe('a choice', () => {
  it('passes on the id, and shows a hint that a fault displaces', async () => {
    const pick = vi.fn();
    const options = [
      { id: 'a', name: 'One' },
      { id: 'b', name: 'Two' },
    ];
    show(
      <>
        <ChoiceField name="First" value="a" options={options} onPick={pick} hint="Either will do." />
        <ChoiceField name="Second" value="a" options={options} onPick={pick} hint="Hidden" fault="One of them." />
      </>,
    );
    await userEvent.selectOptions(screen.getByLabelText('First'), 'Two');
    expect(pick).toHaveBeenCalledWith('b');
    expect(screen.getByText('Either will do.')).toBeTruthy();
    expect(screen.queryByText('Hidden')).toBeNull();
    expect(screen.getByText('One of them.')).toBeTruthy();
  });
});
