import { useQuery } from '@tanstack/react-query';
import { NavLink, Outlet } from 'react-router';
import { api, got } from '../api/client';
import * as labels from './labels';
import { usePreferences } from './units';
import { Warnings } from './Warnings';

const link = ({ isActive }: { isActive: boolean }) =>
  `pb-0.5 border-b-2 ${isActive ? 'border-ink text-ink' : 'border-transparent text-quiet hover:text-ink'}`;

export function Frame() {
  const { units, setSystem, theme, setTheme } = usePreferences();
  const access = useQuery({
    queryKey: ['access'],
    queryFn: () => got(api.GET('/api/access')),
    staleTime: Number.POSITIVE_INFINITY,
  });
  return (
    <div className="min-h-screen flex flex-col">
      <button
        type="button"
        className="skip"
        onClick={() => {
          const main = document.querySelector<HTMLElement>('main');
          main?.setAttribute('tabindex', '-1');
          main?.focus();
        }}
      >
        {labels.skipToContent}
      </button>
      <header className="print:hidden border-b border-rule px-4 sm:px-6 min-h-13 py-1.5 flex flex-wrap items-center gap-x-7 gap-y-1 shrink-0">
        <NavLink to="/" className="wordmark text-[1.35rem] font-bold">
          {labels.juxtherm}
        </NavLink>
        <nav aria-label={labels.main} className="flex flex-wrap gap-x-4 gap-y-1 sm:gap-x-6 whitespace-nowrap">
          <NavLink to="/" end className={link}>
            {labels.jobs}
          </NavLink>
          <NavLink to="/day" className={link}>
            {labels.theDay}
          </NavLink>
          <NavLink to="/logbook" className={link}>
            {labels.logbook}
          </NavLink>
          <NavLink to="/shelf" className={link}>
            {labels.shelf}
          </NavLink>
          <NavLink to="/practice" className={link}>
            {labels.practice}
          </NavLink>
          <NavLink to="/help" className={link}>
            {labels.help}
          </NavLink>
        </nav>
        <div className="ml-auto flex gap-2">
          <button
            type="button"
            className="btn btn-sm btn-ghost font-medium"
            onClick={() => setTheme(theme === 'paper' ? 'night' : 'paper')}
          >
            {theme === 'paper' ? labels.dark : labels.light}
          </button>
          <button
            type="button"
            className="btn btn-sm btn-outline font-medium tabular-nums"
            aria-label={labels.switchUnits(units.degree, units.lengthUnit)}
            onClick={() => setSystem(units.us ? 'metric' : 'us')}
          >
            {units.degree} · {units.lengthUnit}
          </button>
        </div>
      </header>
      {access.data && !access.data.here && (
        <p className="print:hidden border-b border-rule px-4 sm:px-6 py-2 text-[0.95rem] text-quiet">
          {labels.youAreOn(access.data.device ?? '', access.data.role)}
        </p>
      )}
      {access.data?.here && access.data.lan && (
        <p className="print:hidden border-b border-rule px-4 sm:px-6 py-2 text-[0.95rem] text-quiet">
          {labels.openToThisNetworkAt}
          <span className="font-mono">{access.data.lan}</span>
          {labels.toPairedDevices}{' '}
          <NavLink to="/logbook/helpers" className="link-quiet">
            {labels.helpers}
          </NavLink>
        </p>
      )}
      <Warnings owner={access.data?.role === 'owner'} />
      <Outlet />
    </div>
  );
}
