import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { Link, useLocation, useNavigate } from 'react-router';
import { api, got } from '../../api/client';
import { Failed } from '../../ui/States';
import * as labels from './labels';

const KEPT = 'juxtherm.tour';

/** The pages of the tour in their order, and what is said on each. */
const STOPS = [
  { station: 'item', says: labels.tourItem },
  { station: 'place', says: labels.tourPlace },
  { station: 'artwork', says: labels.tourArtwork },
  { station: 'cut', says: labels.tourCut },
  { station: 'press', says: labels.tourPress },
  { station: 'bench', says: labels.tourBench },
] as const;

/** Begins the tour: on a job of its own, which is an example and teaches nothing. */
export function TourButton() {
  const navigate = useNavigate();
  const begin = useMutation({
    mutationFn: () => got(api.POST('/api/jobs/tour')),
    onSuccess: (made) => {
      sessionStorage.setItem(KEPT, made.id);
      navigate(`/jobs/${made.id}/item`);
    },
  });
  return (
    <>
      <button type="button" className="btn btn-primary" disabled={begin.isPending} onClick={() => begin.mutate()}>
        {labels.takeTheTour}
      </button>
      {begin.isError && <Failed error={begin.error} />}
    </>
  );
}

/** What the page in hand is for, while the tour goes through its job. */
export function TourBar({ job }: { job: string }) {
  const navigate = useNavigate();
  const queries = useQueryClient();
  const { pathname } = useLocation();
  const [on, setOn] = useState(() => sessionStorage.getItem(KEPT) === job);
  const remove = useMutation({
    mutationFn: () => got(api.DELETE('/api/jobs/{id}', { params: { path: { id: job } } })),
    onSuccess: () => {
      queries.invalidateQueries({ queryKey: ['jobs'] });
      navigate('/');
    },
  });
  const at = STOPS.findIndex((s) => pathname.endsWith(`/${s.station}`));
  const stop = STOPS[at];
  if (!on || !stop) return null;
  const end = () => {
    sessionStorage.removeItem(KEPT);
    setOn(false);
  };
  const next = STOPS[at + 1];
  return (
    <aside aria-label={labels.tour} className="border-2 border-ink bg-sheet px-5 py-4 mb-6 max-w-[46rem] print:hidden">
      <p className="text-quiet text-[0.87rem]">{labels.tourAt(at + 1, STOPS.length)}</p>
      <p className="text-[1.07rem] mt-1" aria-live="polite">
        {stop.says}
      </p>
      <div className="flex flex-wrap gap-3 mt-3">
        {next ? (
          <Link className="btn btn-sm btn-primary" to={`/jobs/${job}/${next.station}`}>
            {labels.tourNext}
          </Link>
        ) : (
          <>
            <button type="button" className="btn btn-sm btn-primary" onClick={end}>
              {labels.tourKeep}
            </button>
            <button
              type="button"
              className="btn btn-sm btn-outline"
              onClick={() => {
                end();
                remove.mutate();
              }}
            >
              {labels.tourRemove}
            </button>
          </>
        )}
        {next && (
          <button type="button" className="btn btn-sm btn-ghost" onClick={end}>
            {labels.tourEnd}
          </button>
        )}
      </div>
    </aside>
  );
}
