import { screen, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { beforeEach, describe, expect, it } from 'vitest';
import { asked, service, show } from '../../testing/show';
import { NamesPage } from './NamesPage';

const place = (kind: string, title: string, more: object = {}) => ({
  place: `${kind}/1`,
  kind,
  title,
  atUtc: '2026-05-01T09:00:00Z',
  texts: ['Wren'],
  photos: [],
  underWay: false,
  ...more,
});
const found = {
  backups: 2,
  places: [place('job', 'Crew tees'), place('piece', 'Crew tees', { photos: ['p1', 'p2'] })],
};
const jobs = {
  total: 1,
  jobs: [{ id: 'j1', title: 'Crew tees' }],
};

beforeEach(() => localStorage.clear());

async function lookFor(text: string) {
  show(<NamesPage />);
  await userEvent.type(await screen.findByLabelText('Names, one per line'), text);
  await userEvent.click(screen.getByRole('button', { name: 'Find' }));
}

describe('names of people', () => {
  it('asks for a name first', () => {
    service({ 'GET /api/jobs': () => ({ json: jobs }) });
    show(<NamesPage />);
    expect(screen.getByRole('button', { name: 'Find' })).toHaveProperty('disabled', true);
  });

  it('shows every place before anything is changed, and leaves what is not ticked', async () => {
    let left = found;
    service({
      'GET /api/jobs': () => ({ json: jobs }),
      'POST /api/keeping/names': () => ({ json: found }),
      'POST /api/keeping/names/forget': () => {
        left = { ...found, places: found.places.slice(0, 1) };
        return { json: left };
      },
    });
    localStorage.setItem('juxtherm.unsaved.j1', '{}');
    await lookFor('Wren\n\n  Osk ');
    expect(asked.at(-1)?.body).toEqual({ names: ['Wren', 'Osk'] });
    const list = await screen.findByRole('list');
    expect(within(list).getAllByRole('checkbox')).toHaveLength(2);
    expect(within(list).getAllByRole('img')).toHaveLength(2);
    await userEvent.click(within(list).getAllByRole('checkbox')[0] as Element);
    await userEvent.click(screen.getByRole('button', { name: 'Take the names out…' }));
    expect(screen.getByRole('group').textContent).toMatch(/one place.*2 photos/);
    expect(asked.some((a) => a.path.endsWith('/forget'))).toBe(false);
    await userEvent.click(screen.getByRole('button', { name: 'Take them out for good' }));
    expect(await screen.findByText(/still here, as you left it/i)).toBeTruthy();
    expect(asked.find((a) => a.path.endsWith('/forget'))?.body).toEqual({
      names: ['Wren', 'Osk'],
      leave: ['job/1'],
      backups: true,
    });
    // Edits that only this browser knows carry names as well.
    expect(localStorage.getItem('juxtherm.unsaved.j1')).toBeNull();
  });

  it('takes the names of a job, each once', async () => {
    service({
      'GET /api/jobs': () => ({ json: jobs }),
      'GET /api/jobs/j1': () => ({ json: { job: { names: [{ name: 'Bly' }, { size: 'child' }, { name: 'Bly' }] } } }),
    });
    show(<NamesPage />);
    await userEvent.selectOptions(await screen.findByLabelText('Or everyone in a job'), 'j1');
    await expect.poll(() => screen.getByLabelText('Names, one per line')).toHaveProperty('value', 'Bly');
  });

  it('says why nothing was changed', async () => {
    service({
      'GET /api/jobs': () => ({ json: jobs }),
      'POST /api/keeping/names': () => ({
        json: { ...found, places: [place('run', 'Crew tees', { underWay: true })] },
      }),
      'POST /api/keeping/names/forget': () => ({
        status: 409,
        json: { code: 'under-way', detail: 'Finish it first.' },
      }),
    });
    await lookFor('Wren');
    expect(await screen.findByText(/in progress/i)).toBeTruthy();
    await userEvent.click(screen.getByRole('button', { name: 'Take the names out…' }));
    await userEvent.click(screen.getByRole('button', { name: 'Take them out for good' }));
    expect(await screen.findByText('Finish it first.')).toBeTruthy();
    expect(screen.getByRole('checkbox', { name: 'Take it out of Crew tees' })).toBeTruthy();
  });
});
