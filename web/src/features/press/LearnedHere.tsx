import { Link } from 'react-router';
import { api, type PlannedPress } from '../../api/client';
import { changed, type Job } from '../../api/job';
import { time } from '../../app/unitMath';
import { useUnits } from '../../app/units';
import { LessonLine } from '../logbook/LessonLine';
import { useLearnedInJob } from '../logbook/queries';

/** What the logbook has to do with this setting: why it differs from the catalogue's, and the switch that takes that back. */
export function LearnedHere({ id, job, press }: { id: string; job: Job; press: PlannedPress }) {
  const units = useUnits();
  const learned = useLearnedInJob(job, id);
  const telling = learned.data?.lessons.filter((l) => l.counts) ?? [];
  if (!learned.data || telling.length === 0) return null;
  const { changes, celsius, dialMark, seconds } = learned.data;
  const set = (c: number, mark: string | null, s: number) => `${mark ?? units.temperature(c)} for ${time(s)}`;
  return (
    <section aria-label="From your logbook">
      <h2>From your logbook</h2>
      <p className="mt-1" data-changes={changes}>
        {changes ? (
          <>
            <strong>{set(press.celsius, press.dialMark, press.seconds)}</strong>, not {set(celsius, dialMark, seconds)}{' '}
            as the catalogue alone would have it, because of what came out here before.
          </>
        ) : telling.some((l) => l.on) ? (
          'It agrees with the setting that the catalogue alone gives.'
        ) : (
          'Switched off here: the setting is the one that the catalogue alone gives.'
        )}
      </p>
      <div className="scored border-y border-rule mt-3">
        {telling.map((l) => (
          // Switched here, it is agreed to here.
          <LessonLine
            key={l.key}
            lesson={l}
            onTurned={() => api.POST('/api/jobs/{id}/learned', { params: { path: { id } } })}
          />
        ))}
      </div>
      <p className="mt-2 text-[0.9rem]">
        <Link className="link-quiet" to="/logbook/taught">
          Everything it taught
        </Link>
      </p>
    </section>
  );
}

/** A setting that was taken over from the logbook, and the way back to the plan's own. */
export function AsUsed({ job, onEdit }: { job: Job; onEdit: (change: (job: Job) => Job) => void }) {
  const units = useUnits();
  if (!job.used) return null;
  return (
    <div role="note" className="notice">
      <p>
        <strong>
          Set as used before: {units.temperature(job.used.celsius)} for {time(job.used.seconds)}
          {job.used.pressure ? `, ${job.used.pressure}` : ''}
          {job.used.backSeconds ? `, and ${time(job.used.backSeconds)} from the back` : ''}
        </strong>
        {job.used.from ? `, ${job.used.from}` : ''}. The plan reckons what that comes to, and looks for nothing better.
      </p>
      <button
        type="button"
        className="btn btn-sm btn-outline mt-2"
        onClick={() => onEdit((j) => changed(j, { used: undefined }))}
      >
        Let the plan find a setting
      </button>
    </div>
  );
}
