import { cleanup, render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { afterEach, describe, expect, it, vi } from 'vitest';
import { Words } from './Words';

const options = [
  { id: 'tee', name: 'cotton tee', usual: true },
  { id: 'mug', name: 'ceramic mug', usual: true },
  { id: 'felt', name: 'wool felt pennant' },
];

function shown() {
  const pick = vi.fn();
  render(<Words label="Item" value="tee" options={options} onPick={pick} />);
  return { pick, field: screen.getByRole('combobox', { name: 'Item' }) };
}

const listed = () => screen.queryAllByRole('option').map((o) => o.textContent);

describe('a word of a sentence', () => {
  afterEach(cleanup);

  it('opens with what is usual and says that there is more', async () => {
    const { field } = shown();
    await userEvent.click(field);
    expect(listed()).toEqual(['cotton tee', 'ceramic mug']);
    expect(screen.getByText(/search 1 more/)).toBeTruthy();
  });

  it('is found by typing and taken with Enter', async () => {
    const { pick, field } = shown();
    await userEvent.click(field);
    await userEvent.clear(field);
    await userEvent.type(field, 'felt{Enter}');
    expect(pick).toHaveBeenCalledWith('felt');
  });

  it('keeps what was there on Escape, and when it is left half typed', async () => {
    const { pick, field } = shown();
    await userEvent.click(field);
    await userEvent.clear(field);
    await userEvent.type(field, 'mu{Escape}');
    expect(field).toHaveProperty('value', 'cotton tee');
    await userEvent.clear(field);
    await userEvent.type(field, 'mu{Tab}');
    expect(field).toHaveProperty('value', 'cotton tee');
    expect(pick).not.toHaveBeenCalled();
  });

  it('says when nothing is found', async () => {
    const { field } = shown();
    await userEvent.click(field);
    await userEvent.clear(field);
    await userEvent.type(field, 'slate');
    expect(listed()).toEqual([]);
    expect(screen.getByText('Nothing found')).toBeTruthy();
  });
});
