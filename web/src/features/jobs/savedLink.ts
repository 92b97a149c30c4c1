import type { MouseEvent } from 'react';
import type { Draft } from './useJobDraft';

/** For links to what the service makes of a kept job: what is not saved yet is saved first. */
export const savedFirst = (draft: Pick<Draft, 'state' | 'flush'>) => (e: MouseEvent<HTMLAnchorElement>) => {
  if (draft.state === 'saved') return;
  e.preventDefault();
  const { href } = e.currentTarget;
  void draft.flush().then(() => window.location.assign(href));
};
