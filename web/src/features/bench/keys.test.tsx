import { screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { describe, expect, it, vi } from 'vitest';
import { show } from '../../testing/show';
import { useKeys } from './keys';

function Page({ onKey }: { onKey: (key: string) => boolean }) {
  useKeys(onKey);
  return (
    <>
      <button type="button">A key of its own</button>
      <input aria-label="Name" />
      <p>The page</p>
    </>
  );
}

describe('keys for the page as a whole', () => {
  it('reach it while nothing is focused', async () => {
    const key = vi.fn(() => true);
    show(<Page onKey={key} />);
    await userEvent.keyboard(' g{Backspace}');
    expect(key.mock.calls.flat()).toEqual([' ', 'g', 'backspace']);
  });

  it('are left to what is focused', async () => {
    const key = vi.fn(() => true);
    show(<Page onKey={key} />);
    screen.getByRole('button').focus();
    await userEvent.keyboard(' g');
    await userEvent.type(screen.getByLabelText('Name'), 'g ');
    expect(key).not.toHaveBeenCalled();
    expect(screen.getByLabelText('Name')).toHaveProperty('value', 'g ');
  });

  it('Escape reaches it from a button, and not from a field', async () => {
    const key = vi.fn(() => true);
    show(<Page onKey={key} />);
    screen.getByLabelText('Name').focus();
    await userEvent.keyboard('{Escape}');
    expect(key).not.toHaveBeenCalled();
    screen.getByRole('button').focus();
    await userEvent.keyboard('{Escape}');
    expect(key).toHaveBeenCalledWith('escape');
  });

  it('letters can be switched off; the large key stays', async () => {
    const key = vi.fn(() => true);
    show(<Page onKey={key} />);
    localStorage.setItem('juxtherm.letter-keys', 'off');
    await userEvent.keyboard('g1 ');
    expect(key.mock.calls.flat()).toEqual([' ']);
  });

  it('with Ctrl they are the browser’s', async () => {
    const key = vi.fn(() => true);
    show(<Page onKey={key} />);
    await userEvent.keyboard('{Control>}p{/Control}');
    expect(key).not.toHaveBeenCalledWith('p');
  });
});
