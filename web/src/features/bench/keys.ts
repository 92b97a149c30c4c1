import { useEffect, useLayoutEffect, useState } from 'react';

const FIELDS = 'input, textarea, select, [contenteditable]';
// What works keys by itself, or is left alone while it is focused.
const CONTROLS = `${FIELDS}, button, a[href], summary`;
const LETTERS = 'juxtherm.letter-keys';

/** Whether a key belongs to what is focused, and not to the page. */
export function isTaken(key: string, target: EventTarget | null): boolean {
  if (!(target instanceof Element)) return false;
  return target.closest(key === 'Escape' ? FIELDS : CONTROLS) !== null;
}

/** Letters, digits and signs can be switched off for those who press them by accident; Space, Backspace and Escape stay. */
export function useLetterKeys(): [boolean, (on: boolean) => void] {
  const [on, setOn] = useState(() => localStorage.getItem(LETTERS) !== 'off');
  useEffect(() => localStorage.setItem(LETTERS, on ? 'on' : 'off'), [on]);
  return [on, setOn];
}

export const lettersAreOn = () => localStorage.getItem(LETTERS) !== 'off';

/** Takes keys for the page as a whole. A handler gets the key in lower case and says whether it took it. */
export function useKeys(onKey: (key: string) => boolean) {
  // With the picture, not after it: no key reaches what is no longer there.
  useLayoutEffect(() => {
    const listen = (e: KeyboardEvent) => {
      if (e.repeat || e.ctrlKey || e.metaKey || e.altKey || e.defaultPrevented || isTaken(e.key, e.target)) return;
      const key = e.key.toLowerCase();
      if (key.length === 1 && key !== ' ' && !lettersAreOn()) return;
      if (onKey(key)) e.preventDefault();
    };
    window.addEventListener('keydown', listen);
    return () => window.removeEventListener('keydown', listen);
  }, [onKey]);
}
