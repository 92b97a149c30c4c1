import { screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { describe, expect, it, vi } from 'vitest';
import type { Job } from '../../api/job';
import { asked, service, show, tee } from '../../testing/show';
import { Names } from './Names';

const carrier = tee({
  layers: [{ id: 'name', vinyl: 'smooth', word: { text: 'Wren', font: 'plain', heightMm: 40, fromNames: true } }],
});

function shown(job: Job) {
  let now = job;
  const edit = vi.fn((change: (job: Job) => Job) => {
    now = change(now);
  });
  show(<Names job={job} open={false} onEdit={edit} onHeight={() => {}} onFirst={() => {}} />);
  return () => now;
}

describe('a list of names', () => {
  it('is not asked for where nothing carries names', () => {
    const { container } = show(
      <Names job={tee()} open={false} onEdit={() => {}} onHeight={() => {}} onFirst={() => {}} />,
    );
    expect(container.textContent).toBe('');
  });

  it('is read by the service and put into the job', async () => {
    const names = [{ name: 'Wren', count: 2, size: 'child' }];
    service({ 'POST /api/artwork/names': () => ({ json: { names, notRead: [] } }) });
    const job = shown(carrier);
    await userEvent.type(screen.getByRole('textbox'), 'Wren, child, 2');
    await userEvent.click(screen.getByRole('button', { name: /read the list/i }));
    await vi.waitFor(() => expect(job().names).toHaveLength(1));
    expect(job().names?.[0]).toMatchObject({ name: 'Wren', count: 2, size: 'child' });
    expect(asked[0]?.body).toEqual({ text: 'Wren, child, 2' });
    expect(screen.getByRole('textbox')).toHaveProperty('value', '');
  });

  it('makes what carries it where it is the first', async () => {
    const names = [{ name: 'Wren' }];
    service({ 'POST /api/artwork/names': () => ({ json: { names, notRead: [] } }) });
    const first = vi.fn();
    show(<Names job={tee()} open onEdit={() => {}} onHeight={() => {}} onFirst={first} />);
    await userEvent.type(screen.getByRole('textbox'), 'Wren');
    await userEvent.click(screen.getByRole('button', { name: /read the list/i }));
    await vi.waitFor(() => expect(first).toHaveBeenCalledWith(names));
  });

  it('keeps what could not be read in sight, line by line', async () => {
    const notRead = [{ line: 2, text: 'Osk, huge', name: 'Osk', says: 'No size is called that.' }];
    service({ 'POST /api/artwork/names': () => ({ json: { names: [], notRead } }) });
    const job = shown(carrier);
    await userEvent.type(screen.getByRole('textbox'), 'Osk, huge');
    await userEvent.click(screen.getByRole('button', { name: /read the list/i }));
    expect((await screen.findByTestId('not-read')).textContent).toMatch(/2.*Osk.*No size is called that/);
    expect(screen.getByRole('textbox')).toHaveProperty('value', 'Osk, huge');
    expect(job().names).toBeUndefined();
  });

  it('says when the service cannot be reached, and loses nothing', async () => {
    service({});
    shown(carrier);
    await userEvent.type(screen.getByRole('textbox'), 'Wren');
    await userEvent.click(screen.getByRole('button', { name: /read the list/i }));
    expect(await screen.findByRole('alert')).toBeTruthy();
    expect(screen.getByRole('textbox')).toHaveProperty('value', 'Wren');
  });
});
