import { screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { describe, expect, it, vi } from 'vitest';
import type { Job } from '../../api/job';
import { showInJob, tee } from '../../testing/show';
import { useJob } from '../jobs/JobPage';
import { ArtworkStation } from './ArtworkStation';
import * as labels from './labels';

const nothing = { layers: [], pieces: [], box: null };
const look = { front: nothing, back: nothing, fonts: [{ id: 'plain', name: 'Plain', from: 'ours', isOwn: false }] };

/** Somebody who goes on typing elsewhere on the page. */
function Nine() {
  const { draft } = useJob();
  return (
    <button type="button" onClick={() => draft.edit((j) => ({ ...j, quantity: 9 }))}>
      nine pieces
    </button>
  );
}

describe('the artwork desk', () => {
  it('puts a late answer onto what was changed meanwhile', async () => {
    let answer = (_: Response) => {};
    let sent: Job | undefined;
    vi.stubGlobal('fetch', async (request: Request) => {
      const json = (body: unknown) =>
        new Response(JSON.stringify(body), { headers: { 'content-type': 'application/json' } });
      if (!request.url.endsWith('/api/artwork/words')) return json(look);
      sent = (JSON.parse(await request.text()) as { job: Job }).job;
      return new Promise<Response>((resolve) => {
        answer = resolve;
      });
    });
    const job = showInJob(
      <>
        <ArtworkStation />
        <Nine />
      </>,
      tee({ quantity: 6 }),
    );
    await userEvent.type(await screen.findByRole('textbox', { name: labels.wordsToSet }), 'Tarn');
    await userEvent.click(screen.getByRole('button', { name: labels.setTheWords }));
    await vi.waitFor(() => expect(sent).toBeDefined());
    await userEvent.click(screen.getByRole('button', { name: 'nine pieces' }));
    const worked = { ...sent, layers: [{ id: 'word', vinyl: 'smooth', word: { text: 'Tarn' } }] };
    answer(
      new Response(JSON.stringify({ job: worked, notices: [] }), { headers: { 'content-type': 'application/json' } }),
    );
    await vi.waitFor(() => expect(job().layers[0]?.id).toBe('word'));
    expect(job().quantity).toBe(9);
  });
});
