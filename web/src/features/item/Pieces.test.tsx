import { screen, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { describe, expect, it, vi } from 'vitest';
import { piecesOf } from '../../api/pieces';
import { asked, service, showInJob, tee } from '../../testing/show';
import { Pieces } from './Pieces';

const answers = (read: object = { names: [], notRead: [] }) =>
  service({
    'POST /api/artwork/names': () => ({ json: read }),
  });

const cell = (column: string, row: number) => screen.getByLabelText(`${column}, row ${row}`);

describe('the table of pieces', () => {
  it('stays out of the way until it is wanted', async () => {
    answers();
    showInJob(<Pieces />, tee());
    expect(screen.queryByTestId('pieces')).toBeNull();
    await userEvent.click(await screen.findByRole('button', { name: /list names/i }));
    expect(screen.getByTestId('pieces')).toBeTruthy();
  });

  it('takes a name typed into the last row, and goes on to the next with Enter', async () => {
    answers();
    const now = showInJob(<Pieces />, tee());
    await userEvent.click(await screen.findByRole('button', { name: /list names/i }));
    await userEvent.type(cell('Name', 1), 'Wren{Enter}');
    await vi.waitFor(() => expect(document.activeElement).toBe(cell('Name', 2)));
    await userEvent.type(cell('Name', 2), 'Osk{Enter}');
    expect(piecesOf(now()).map((p) => p.name)).toEqual(['Wren', 'Osk']);
    expect(now().quantity).toBe(2);
  });

  it('takes a colour by its word and copies it down', async () => {
    answers();
    const now = showInJob(<Pieces />, { ...tee(), names: [{ name: 'Wren' }, { name: 'Osk' }, { name: 'Tam' }] });
    await screen.findByTestId('pieces');
    await userEvent.type(cell('Item color', 1), 'navy{Tab}');
    await userEvent.click(cell('Item color', 1));
    await userEvent.click(screen.getByRole('button', { name: /fill down/i }));
    expect(piecesOf(now()).map((p) => p.garmentColour)).toEqual(['#1b2a49', '#1b2a49', '#1b2a49']);
  });

  it('says what it takes where a colour is none, and keeps what was there', async () => {
    answers();
    const now = showInJob(<Pieces />, { ...tee(), names: [{ name: 'Wren', garmentColour: '#1b2a49' }] });
    await screen.findByTestId('pieces');
    await userEvent.clear(cell('Item color', 1));
    await userEvent.type(cell('Item color', 1), 'blurple{Tab}');
    expect(await screen.findByText(/such as navy/i)).toBeTruthy();
    expect(piecesOf(now())[0]?.garmentColour).toBe('#1b2a49');
  });

  it('reads pasted rows, and says what it could not read', async () => {
    const entry = {
      name: 'Wren',
      size: 'child',
      colour: null,
      garmentColour: null,
      widthMm: null,
      count: 1,
      proofed: false,
    };
    answers({ names: [entry], notRead: [{ line: 2, name: 'Osk', text: 'giant', says: 'This size is not known.' }] });
    const now = showInJob(<Pieces />, tee());
    await userEvent.click(await screen.findByRole('button', { name: /list names/i }));
    await userEvent.click(cell('Name', 1));
    await userEvent.paste('Wren\tchild\nOsk\tgiant');
    const says = await screen.findByTestId('not-read');
    expect(within(says).getByText(/not known/)).toBeTruthy();
    expect(asked.find((a) => a.path === '/api/artwork/names')?.body).toEqual({ text: 'Wren\tchild\nOsk\tgiant' });
    expect(piecesOf(now())[0]).toMatchObject({ name: 'Wren', size: 'child' });
  });

  it('reads a column pasted into its column', async () => {
    const sized = (size: string) => ({
      name: '',
      size,
      colour: null,
      garmentColour: null,
      widthMm: null,
      count: 1,
      proofed: false,
    });
    answers({ names: [sized('adult-m'), sized('child')], notRead: [] });
    const now = showInJob(<Pieces />, { ...tee(), names: [{ name: 'Wren' }, { name: 'Osk' }] });
    await screen.findByTestId('pieces');
    cell('Size', 1).focus();
    await userEvent.paste('M\nyouth');
    await vi.waitFor(() => expect(piecesOf(now()).map((p) => p.size)).toEqual(['adult-m', 'child']));
    expect(piecesOf(now()).map((p) => p.name)).toEqual(['Wren', 'Osk']);
    expect(asked.find((a) => a.path === '/api/artwork/names')?.body).toEqual({ text: 'garment size\nM\nyouth' });
  });

  it('removes a row and clears the list', async () => {
    answers();
    const now = showInJob(<Pieces />, { ...tee(), names: [{ name: 'Wren' }, { name: 'Osk', count: 2 }] });
    await screen.findByTestId('pieces');
    await userEvent.click(screen.getByRole('button', { name: 'Remove row 1' }));
    expect(piecesOf(now()).map((p) => p.name)).toEqual(['Osk']);
    await userEvent.click(screen.getByRole('button', { name: /clear the list/i }));
    expect('names' in now()).toBe(false);
  });
});
