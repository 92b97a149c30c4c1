import { useState } from 'react';
import { NavLink } from 'react-router';
import * as labels from './labels';
import { useWatch } from './useWatch';

const HIDDEN = 'juxtherm.warnings-hidden';

// The same warning with another figure is the same warning.
const gist = (warning: string) => warning.replace(/\d+/g, '#');
const today = () => new Date().toDateString();

function hiddenToday(): string[] {
  try {
    const { day, gists } = JSON.parse(localStorage.getItem(HIDDEN) ?? '{}');
    return day === today() && Array.isArray(gists) ? gists : [];
  } catch {
    return [];
  }
}

/** What should be seen to about the workshop's data; whoever knows already has it out of the way until tomorrow. */
export function Warnings({ owner }: { owner: boolean }) {
  const watch = useWatch(owner);
  const [hidden, setHidden] = useState(hiddenToday);
  const hide = (warning: string) => {
    const gists = [...hidden, gist(warning)];
    localStorage.setItem(HIDDEN, JSON.stringify({ day: today(), gists }));
    setHidden(gists);
  };
  const shown = (watch.data?.warnings ?? []).filter((warning) => !hidden.includes(gist(warning)));
  return shown.map((warning) => (
    <p
      key={warning}
      role="status"
      className="print:hidden flex flex-wrap gap-x-4 border-b border-rule px-4 sm:px-6 py-2 font-semibold"
    >
      <span>{warning}</span>
      <NavLink to="/logbook/kept" className="link-quiet font-normal">
        {labels.backups}
      </NavLink>
      <button type="button" className="link-quiet font-normal ml-auto" onClick={() => hide(warning)}>
        {labels.hideForToday}
      </button>
    </p>
  ));
}
