import type { ReactNode } from 'react';
import { NavLink } from 'react-router';
import * as labels from './labels';

const tab = ({ isActive }: { isActive: boolean }) =>
  `pb-1 border-b-2 ${isActive ? 'border-ink font-bold' : 'border-transparent text-quiet hover:text-ink'}`;

/** The logbook's pages: what was pressed, what that taught, what is setting, and where all of it is kept. */
export function LogFrame({ says, children }: { says?: ReactNode; children: ReactNode }) {
  return (
    <main className="w-full max-w-[1240px] mx-auto px-4 sm:px-6 pt-7 pb-24">
      <div className="flex items-baseline gap-4 mb-3">
        <h1 className="text-[1.65rem] font-bold">{labels.logbook}</h1>
        {says && <p className="text-quiet">{says}</p>}
      </div>
      <nav
        aria-label={labels.logbook}
        className="flex flex-wrap gap-x-7 gap-y-1 mb-6 border-b border-rule print:hidden"
      >
        <NavLink to="/logbook" end className={tab}>
          {labels.pieces}
        </NavLink>
        <NavLink to="/logbook/taught" className={tab}>
          {labels.whatItTaught}
        </NavLink>
        <NavLink to="/logbook/care" className={tab}>
          {labels.care}
        </NavLink>
        <NavLink to="/logbook/kept" className={tab}>
          {labels.keptSafe}
        </NavLink>
        <NavLink to="/logbook/names" className={tab}>
          {labels.namesAndPhotos}
        </NavLink>
        <NavLink to="/logbook/helpers" className={tab}>
          {labels.helpers}
        </NavLink>
      </nav>
      {children}
    </main>
  );
}
