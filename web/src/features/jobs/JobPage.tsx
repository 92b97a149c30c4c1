import { useQuery } from '@tanstack/react-query';
import { useCallback, useEffect } from 'react';
import { NavLink, Outlet, useMatch, useNavigate, useOutletContext, useParams } from 'react-router';
import { api, type Catalogue, got, type Plan, Refused } from '../../api/client';
import { carrying, changed, type Job, type Own } from '../../api/job';
import { type Answered, useCatalogue, usePlan } from '../../api/queries';
import { Failed, Loading } from '../../ui/States';
import { AnswerLine } from './AnswerLine';
import { LearnedSince } from './LearnedSince';
import * as labels from './labels';
import { ShelfNews } from './ShelfNews';
import { savedFirst } from './savedLink';
import { Ticket } from './Ticket';
import { TourBar } from './Tour';
import { type Draft, type SaveState, useJobDraft } from './useJobDraft';

export interface JobContext {
  id: string;
  draft: Draft;
  plan: Answered<Plan>;
  catalogue: Catalogue;
  faults: Map<string, string>;
}

export const useJob = () => useOutletContext<JobContext>();

export function JobPage() {
  const { id = '' } = useParams();
  const kept = useQuery({
    queryKey: ['job', id],
    queryFn: () => got(api.GET('/api/jobs/{id}', { params: { path: { id } } })),
    staleTime: Number.POSITIVE_INFINITY,
    gcTime: 0,
  });
  const catalogue = useCatalogue((kept.data?.job as Job | undefined)?.own as Own | undefined);
  if (kept.isError) return <Failed error={kept.error} />;
  if (catalogue.isError) return <Failed error={catalogue.error} retry={() => catalogue.refetch()} />;
  if (kept.isPending || catalogue.isPending) return <Loading what={labels.theJob} />;
  return <OpenJob key={id} kept={kept.data} catalogue={catalogue.data} />;
}

const SAYS: Record<SaveState, string> = {
  saved: labels.saved,
  saving: 'Saving …',
  waiting: 'Saving …',
  faulty: labels.notSavedSomethingBelowNeeds,
  stale: labels.notSavedItWasChanged,
  failed: labels.notSavedYetTheService,
};

function OpenJob({ kept, catalogue }: { kept: { id: string; version: number; job?: unknown }; catalogue: Catalogue }) {
  const bare = useJobDraft({ ...kept, job: kept.job });
  const { edit: bareEdit } = bare;
  // Own vinyls, blanks and presses travel with the job.
  const edit = useCallback(
    (change: (job: Job) => Job) => bareEdit((j) => carrying(change(j), catalogue)),
    [bareEdit, catalogue],
  );
  const draft: Draft = { ...bare, edit };
  const plan = usePlan(draft.job, kept.id);
  const navigate = useNavigate();
  const comparing = useMatch('/jobs/:id/compare') !== null;
  const { undo, redo } = draft;
  useEffect(() => {
    const onKey = (e: KeyboardEvent) => {
      if (!(e.ctrlKey || e.metaKey) || e.key.toLowerCase() !== 'z') return;
      // While a field has text of its own to undo, that comes first.
      if (e.target instanceof HTMLInputElement && e.target.dataset.dirty === 'true') return;
      e.preventDefault();
      if (e.shiftKey) redo();
      else undo();
    };
    window.addEventListener('keydown', onKey);
    return () => window.removeEventListener('keydown', onKey);
  }, [undo, redo]);

  const refused = plan.error instanceof Refused ? plan.error : draft.problem;
  const faults = new Map((refused?.faults ?? []).map((f) => [f.pointer.replace(/^#/, ''), f.detail]));
  const station = ({ isActive }: { isActive: boolean }) =>
    `pb-1 border-b-2 ${isActive ? 'border-ink font-bold' : 'border-transparent text-quiet hover:text-ink'}`;
  return (
    <div
      className={`grow grid grid-cols-[minmax(0,1fr)] content-start lg:content-stretch ${comparing ? '' : 'lg:grid-cols-[minmax(0,1fr)_370px]'}`}
    >
      <p className="sr-only" aria-live="polite">
        {plan.data && !plan.pale ? plan.data.headline : ''}
      </p>
      {!comparing && <AnswerLine plan={plan} onBench={() => navigate(`/jobs/${kept.id}/bench`)} />}
      <main className="px-4 sm:px-6 lg:px-8 pt-5 pb-14 min-w-0">
        <h1 className="sr-only">{draft.job.title || labels.untitled}</h1>
        <div className="flex items-baseline gap-4 flex-wrap print:hidden">
          <input
            aria-label={labels.title}
            className="grow min-w-0 bg-transparent text-[1.65rem] font-bold border-b border-transparent hover:border-rule focus:border-ink outline-none"
            placeholder={labels.untitled}
            maxLength={120}
            value={draft.job.title ?? ''}
            onChange={(e) => draft.edit((j) => changed(j, { title: e.target.value }))}
          />
          <span
            role="status"
            className={
              draft.state === 'saved' || draft.state === 'waiting' || draft.state === 'saving'
                ? 'text-quiet text-[0.87rem]'
                : 'font-semibold text-[0.87rem]'
            }
          >
            {SAYS[draft.state]}
          </span>
          <div className="flex gap-1">
            <button type="button" className="btn btn-sm btn-ghost" disabled={!draft.canUndo} onClick={draft.undo}>
              {labels.undo}
            </button>
            <button type="button" className="btn btn-sm btn-ghost" disabled={!draft.canRedo} onClick={draft.redo}>
              {labels.redo}
            </button>
          </div>
        </div>
        <nav
          aria-label={labels.stations}
          className="flex gap-5 sm:gap-7 mt-3 mb-5 border-b border-rule print:hidden overflow-x-auto whitespace-nowrap [scrollbar-width:none]"
        >
          <NavLink to={`/jobs/${kept.id}/item`} className={station}>
            {labels.item}
          </NavLink>
          <NavLink to={`/jobs/${kept.id}/place`} className={station}>
            {labels.place}
          </NavLink>
          <NavLink to={`/jobs/${kept.id}/artwork`} className={station}>
            {labels.artwork}
          </NavLink>
          <NavLink to={`/jobs/${kept.id}/cut`} className={station}>
            {labels.cut}
          </NavLink>
          <NavLink to={`/jobs/${kept.id}/press`} className={station}>
            {labels.press}
          </NavLink>
          <NavLink to={`/jobs/${kept.id}/compare`} className={station}>
            {labels.sideBySide}
          </NavLink>
          <NavLink to={`/jobs/${kept.id}/bench`} className={station}>
            {labels.bench}
          </NavLink>
          <NavLink to={`/jobs/${kept.id}/care`} className={station}>
            {labels.care}
          </NavLink>
          <NavLink to={`/jobs/${kept.id}/price`} className={station}>
            {labels.price}
          </NavLink>
        </nav>
        <TourBar job={kept.id} />
        <ShelfNews job={draft.job} onTake={draft.edit} />
        {draft.newer && (
          <div role="alert" className="notice stop mb-5">
            <p>
              <strong>{labels.changedElsewhere}</strong>
              {labels.somebodySavedWhileItWas((draft.newer.job as { title?: string }).title || labels.untitled)}
            </p>
            <div className="flex gap-3 mt-3">
              <button type="button" className="btn btn-sm btn-primary" onClick={draft.keepMine}>
                {labels.keepMine}
              </button>
              <button type="button" className="btn btn-sm btn-outline" onClick={draft.takeTheirs}>
                {labels.takeTheNewerOne}
              </button>
            </div>
          </div>
        )}
        {draft.state === 'failed' && (
          <div role="alert" className="notice stop mb-5" data-testid="not-saved">
            <p>
              <strong>{labels.notSavedYet}</strong> {draft.problem?.message ?? labels.theServiceDoesNotAnswer2}
            </p>
            <button type="button" className="btn btn-sm btn-outline mt-2" onClick={draft.retry}>
              {labels.tryNow}
            </button>
          </div>
        )}
        <LearnedSince id={kept.id} job={draft.job} />
        <div data-station>
          <Outlet context={{ id: kept.id, draft, plan, catalogue, faults } satisfies JobContext} />
        </div>
      </main>
      {!comparing && (
        <Ticket
          id={kept.id}
          job={draft.job}
          plan={plan}
          onBench={() => navigate(`/jobs/${kept.id}/bench`)}
          onPrint={savedFirst(draft)}
          onTake={draft.edit}
        />
      )}
    </div>
  );
}
