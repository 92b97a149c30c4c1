import { screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { beforeEach, expect, it, vi } from 'vitest';
import { service, show } from '../testing/show';
import { Warnings } from './Warnings';

const watch = (...warnings: string[]) => ({ 'GET /api/watch': () => ({ json: { warnings } }) });

beforeEach(() => localStorage.clear());

it('hides what is known until tomorrow, whatever its figure, and nothing else', async () => {
  vi.useFakeTimers({ toFake: ['Date'], now: new Date('2026-05-01T09:00:00') });
  service(watch('Only 800 MB left.', 'The last backup is 4 days old.'));
  const first = show(<Warnings owner />);
  await screen.findByText('Only 800 MB left.');
  await userEvent.click(screen.getAllByRole('button', { name: 'Hide for today' })[0] as Element);
  expect(screen.queryByText('Only 800 MB left.')).toBeNull();
  expect(screen.getByText('The last backup is 4 days old.')).toBeTruthy();
  first.unmount();

  service(watch('Only 790 MB left.', 'No copy for a week.'));
  const second = show(<Warnings owner />);
  await screen.findByText('No copy for a week.');
  expect(screen.queryByText('Only 790 MB left.')).toBeNull();
  second.unmount();

  vi.setSystemTime(new Date('2026-05-02T09:00:00'));
  show(<Warnings owner />);
  await screen.findByText('Only 790 MB left.');
  vi.useRealTimers();
});
