import { Link } from 'react-router';
import { api, type PlannedPress } from '../../api/client';
import { changed, type Job } from '../../api/job';
import { time } from '../../app/unitMath';
import { useUnits } from '../../app/units';
import { LessonLine } from '../logbook/LessonLine';
import { useLearnedInJob } from '../logbook/queries';
import * as labels from './labels';

/** What the logbook has to do with this setting: why it differs from the catalogue's, and the switch that takes that back. */
export function LearnedHere({ id, job, press }: { id: string; job: Job; press: PlannedPress }) {
  const units = useUnits();
  const learned = useLearnedInJob(job, id);
  const telling = learned.data?.lessons.filter((l) => l.counts) ?? [];
  if (!learned.data || telling.length === 0) return null;
  const { changes, celsius, dialMark, seconds } = learned.data;
  const set = (c: number, mark: string | null, s: number) => labels.forWord(mark ?? units.temperature(c), time(s));
  return (
    <section aria-label={labels.fromYourLogbook}>
      <h2>{labels.fromYourLogbook}</h2>
      <p className="mt-1" data-changes={changes}>
        {changes ? (
          <>
            <strong>{set(press.celsius, press.dialMark, press.seconds)}</strong>
            {labels.notAsTheCatalogueAlone(set(celsius, dialMark, seconds))}
          </>
        ) : telling.some((l) => l.on) ? (
          labels.itAgreesWithTheSetting
        ) : (
          labels.switchedOffHereTheSetting
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
          {labels.everythingItTaught}
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
          {labels.setAsUsedBeforeFor(
            units.temperature(job.used.celsius),
            time(job.used.seconds),
            job.used.pressure ? `, ${job.used.pressure}` : '',
            job.used.backSeconds ? labels.andFromTheBack(time(job.used.backSeconds)) : '',
          )}
        </strong>
        {labels.thePlanReckonsWhatThat(job.used.from ? `, ${job.used.from}` : '')}
      </p>
      <button
        type="button"
        className="btn btn-sm btn-outline mt-2"
        onClick={() => onEdit((j) => changed(j, { used: undefined }))}
      >
        {labels.letThePlanFindA}
      </button>
    </div>
  );
}
