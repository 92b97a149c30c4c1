import { screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { describe, expect, it, vi } from 'vitest';
import { show } from '../testing/show';
import { Dialog } from './Dialog';
import { Failed, Loading, UndoBar } from './States';

describe('what a page says while it has nothing to show', () => {
  it('says what it is fetching', () => {
    show(<Loading what="the job" />);
    expect(screen.getByRole('status').textContent).toContain('the job');
  });

  it('says why it failed and asks again', async () => {
    const retry = vi.fn();
    show(<Failed error={new Error('The disk is full.')} retry={retry} />);
    expect(screen.getByRole('alert').textContent).toContain('The disk is full.');
    await userEvent.click(screen.getByRole('button'));
    expect(retry).toHaveBeenCalledOnce();
  });

  it('takes back what was just done', async () => {
    const [back, close] = [vi.fn(), vi.fn()];
    show(
      <UndoBar action="Put it back" onAction={back} onClose={close}>
        Roll 1 is off the shelf.
      </UndoBar>,
    );
    await userEvent.click(screen.getByText('Put it back'));
    await userEvent.click(screen.getByLabelText('Close'));
    expect(back).toHaveBeenCalledOnce();
    expect(close).toHaveBeenCalledOnce();
  });
});

describe('a question over the page', () => {
  it('takes the focus itself, so that a key meant for the page answers nothing', async () => {
    const [yes, no] = [vi.fn(), vi.fn()];
    show(
      <Dialog says="Peel it warm?" onNo={no}>
        <button type="button" onClick={yes}>
          Yes
        </button>
      </Dialog>,
    );
    expect(document.activeElement).toBe(screen.getByRole('alertdialog'));
    await userEvent.keyboard(' ');
    expect(yes).not.toHaveBeenCalled();
    screen.getByRole('alertdialog').dispatchEvent(new Event('cancel', { cancelable: true }));
    expect(no).toHaveBeenCalledOnce();
  });
});
