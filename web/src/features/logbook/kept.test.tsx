import { screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { describe, expect, it } from 'vitest';
import { asked, service, show } from '../../testing/show';
import { AnotherWorkshop } from './AnotherWorkshop';
import { SecondPlace } from './SecondPlace';

const watch = {
  freeBytes: 5e9,
  backupUtc: '2026-05-01T09:00:00Z',
  testedUtc: null,
  copyFolder: null,
  copiedUtc: null,
  warnings: [],
};

describe('a second place', () => {
  it('says where copies go from what the service answers, and that none was made yet', async () => {
    service({
      'GET /api/watch': () => ({ json: watch }),
      'PUT /api/watch/copies': () => ({ json: { ...watch, copyFolder: '/media/stick' } }),
    });
    show(<SecondPlace />);
    await userEvent.type(await screen.findByLabelText('Folder'), ' /media/stick ');
    await userEvent.click(screen.getByRole('button', { name: 'Copy there' }));
    expect(await screen.findByText('Not copied there yet.')).toBeTruthy();
    expect(asked.at(-1)?.body).toEqual({ folder: '/media/stick' });
  });

  it('says what is wrong with a folder and keeps it', async () => {
    service({
      'GET /api/watch': () => ({ json: watch }),
      'PUT /api/watch/copies': () => ({ status: 400, json: { detail: 'There is no such folder.' } }),
    });
    show(<SecondPlace />);
    await userEvent.type(await screen.findByLabelText('Folder'), '/nowhere');
    await userEvent.click(screen.getByRole('button', { name: 'Copy there' }));
    expect((await screen.findByRole('alert')).textContent).toBe('There is no such folder.');
    expect(screen.getByLabelText('Folder')).toHaveProperty('value', '/nowhere');
  });

  it('tries a backup when asked', async () => {
    service({
      'GET /api/watch': () => ({ json: watch }),
      'POST /api/watch/trial': () => ({ json: { ...watch, testedUtc: '2026-05-02T09:00:00Z' } }),
    });
    show(<SecondPlace />);
    await userEvent.click(await screen.findByRole('button', { name: 'Test now' }));
    expect(await screen.findByText(/Last test restore: May 2/)).toBeTruthy();
  });
});

describe('another workshop', () => {
  const look = {
    from: 'The Heron Shed',
    signedBy: 'AB12 CD34',
    before: false,
    atUtc: '2026-05-01T09:00:00Z',
    jobs: ['Shed tee'],
    here: 3,
    own: [],
    pieces: 2,
  };
  const file = () => new File(['{}'], 'theirs.json', { type: 'application/json' });

  it('shows what is in a file and who signed it before anything counts', async () => {
    service({
      'GET /api/exchange': () => ({ json: { seal: 'FF00', taken: [] } }),
      'POST /api/exchange/look': () => ({ json: look }),
      'POST /api/exchange/take': () => ({ json: { id: 't1' } }),
    });
    show(<AnotherWorkshop />);
    await userEvent.upload(await screen.findByLabelText('Open theirs'), file());
    expect(await screen.findByText(/The Heron Shed/)).toBeTruthy();
    expect(screen.getByText(/AB12 CD34/)).toBeTruthy();
    expect(screen.getByText(/Shed tee.*3 you already have/)).toBeTruthy();
    expect(asked.some((a) => a.path === '/api/exchange/take')).toBe(false);
    await userEvent.click(screen.getByRole('button', { name: 'Not now' }));
    expect(screen.queryByText(/The Heron Shed/)).toBeNull();
    expect(asked.some((a) => a.path === '/api/exchange/take')).toBe(false);
  });

  it('takes what was taken in out again', async () => {
    let taken: unknown[] = [
      {
        id: 't1',
        from: 'The Heron Shed',
        atUtc: '2026-05-01T09:00:00Z',
        jobs: ['a'],
        own: [],
        pieces: [],
        whole: false,
      },
    ];
    service({
      'GET /api/exchange': () => ({ json: { seal: 'FF00', taken } }),
      'DELETE /api/exchange/t1': () => {
        taken = [];
        return {};
      },
    });
    show(<AnotherWorkshop />);
    expect(await screen.findByText(/Interrupted/)).toBeTruthy();
    await userEvent.click(await screen.findByRole('button', { name: /Remove it again/ }));
    await expect.poll(() => screen.queryByRole('button', { name: /Remove it again/ })).toBeNull();
  });
});
