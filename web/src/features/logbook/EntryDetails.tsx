import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useMemo, useState } from 'react';
import { Link, useNavigate } from 'react-router';
import { api, got, type Schemas } from '../../api/client';
import { carrying, newJob } from '../../api/job';
import { useCatalogue, usePlan, useWindow } from '../../api/queries';
import { Room, RoomKey } from '../../ui/Room';
import { Failed } from '../../ui/States';
import * as labels from './labels';
import { Photos } from './Photos';
import { type Entry, logChanged, useMarks } from './queries';
import { Washes } from './Washes';

/** Everything about a piece: its photos, its washes, its lots, what to make of it next. */
export function EntryDetails({ entry }: { entry: Entry }) {
  const queries = useQueryClient();
  const navigate = useNavigate();
  const path = { id: Number(entry.id) };
  const onSuccess = () => logChanged(queries);
  const change = useMutation({
    mutationFn: (body: Partial<Schemas['LogChange']>) =>
      got(api.PATCH('/api/log/{id}', { params: { path }, body: { note: null, lots: null, struck: null, ...body } })),
    onSuccess,
  });
  const copy = useMutation({
    mutationFn: (how: 'as-used' | 'again') =>
      got(
        how === 'again'
          ? api.POST('/api/log/{id}/again', { params: { path } })
          : api.POST('/api/log/{id}/as-used', { params: { path } }),
      ),
    onSuccess: (job) => navigate(`/jobs/${job.id}/press`),
  });
  return (
    <div className="border-l-2 border-ink pl-5 grid gap-x-10 gap-y-6 lg:grid-cols-[minmax(0,1fr)_minmax(0,22rem)]">
      <div className="grid gap-5 content-start">
        <div className="flex flex-wrap gap-3 print:hidden">
          <button type="button" className="btn btn-sm btn-primary" onClick={() => copy.mutate('again')}>
            {labels.repeatThisOrder}
          </button>
          <button type="button" className="btn btn-sm btn-outline" onClick={() => copy.mutate('as-used')}>
            {labels.newJobSetAsUsed}
          </button>
          {entry.outcomes.some((o) => o !== 'stuck') && (
            <Link className="btn btn-sm btn-ghost" to={`/practice/log-${entry.id}`}>
              {labels.pressItOnceMore}
            </Link>
          )}
          {entry.runId && (
            <Link className="btn btn-sm btn-ghost" to={`/logbook?run=${entry.runId}`}>
              {labels.allOfThisRun}
            </Link>
          )}
        </div>
        <Photos entry={entry} />
        <Washes entry={entry} />
        <div className="grid gap-4 sm:grid-cols-2">
          <Line name={labels.remark} value={entry.note} longest={2000} onSave={(note) => change.mutate({ note })} />
          <div>
            <Line
              name={labels.lotsOfItsVinylWith}
              value={entry.lots.join(', ')}
              longest={400}
              onSave={(lots) => change.mutate({ lots: lots.split(',').map((l) => l.trim()) })}
            />
            {entry.lots.map((lot) => (
              <Link key={lot} className="link-quiet mr-4 text-[0.9rem]" to={`/logbook?lot=${encodeURIComponent(lot)}`}>
                {labels.everyPieceOf(lot)}
              </Link>
            ))}
          </div>
        </div>
        <p className="text-[0.9rem] text-quiet">
          {entry.by.length > 0 && `${labels.workedOnFrom(entry.by.join(', '))} `}
          {entry.example
            ? labels.aWorkedExampleItTeaches
            : entry.struck
              ? labels.itDoesNotCountNo
              : entry.teaches
                ? labels.plansLearnFromThisPiece
                : labels.whatCameOutSaysNothing}
          {!entry.example && (
            <button type="button" className="link-quiet" onClick={() => change.mutate({ struck: !entry.struck })}>
              {entry.struck ? labels.letItCountAgain : labels.itShouldNotCount}
            </button>
          )}
        </p>
        {[change, copy]
          .map((m) => m.error)
          .map((error) => (error ? <Failed key={error.message} error={error} /> : null))}
      </div>
      {!entry.vinylId.includes(',') && <Where entry={entry} />}
    </div>
  );
}

/** Where it lies in how much room there is, with everything else that came out there. */
function Where({ entry }: { entry: Entry }) {
  const catalogue = useCatalogue();
  // Own vinyls, blanks and presses have to come along for it to be planned.
  const job = useMemo(() => {
    const plain = newJob(entry.vinylId, entry.formId, entry.materialId, entry.heatSourceId);
    return catalogue.data ? carrying(plain, catalogue.data) : null;
  }, [entry.vinylId, entry.formId, entry.materialId, entry.heatSourceId, catalogue.data]);
  const plan = usePlan(job);
  const field = useWindow(job);
  const marks = useMarks(entry.vinylId, entry.materialId, entry.heatSourceId);
  if (!plan.data) return null;
  return (
    <section aria-label={labels.howMuchRoom}>
      <h2 className="mb-2">
        {labels.howMuchRoom2}
        <span className="font-normal text-quiet text-[0.87rem]">{labels.allPiecesLikeThisOne}</span>
      </h2>
      <Room
        plan={plan.data}
        field={field.data ?? null}
        chart={null}
        marks={marks.data ?? []}
        here={{ celsius: entry.celsius, seconds: entry.pressedSeconds }}
      />
      <RoomKey marks={marks.data ?? []} here />
    </section>
  );
}

/** A line of text that is saved when it is left. */
function Line({
  name,
  value,
  longest,
  onSave,
}: {
  name: string;
  value: string;
  longest: number;
  onSave: (text: string) => void;
}) {
  const [text, setText] = useState(value);
  const id = name.replace(/[^a-z]/gi, '-');
  return (
    <div className="field">
      <label className="name" htmlFor={id}>
        {name}
      </label>
      <input
        id={id}
        className="input"
        maxLength={longest}
        value={text}
        data-dirty={text !== value}
        onChange={(e) => setText(e.target.value)}
        onBlur={() => {
          if (text !== value) onSave(text);
        }}
        onKeyDown={(e) => {
          if (e.key === 'Enter') e.currentTarget.blur();
        }}
      />
    </div>
  );
}
