import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useMemo, useState } from 'react';
import { Link, useNavigate } from 'react-router';
import { api, got, type Schemas } from '../../api/client';
import { carrying, newJob } from '../../api/job';
import { useCatalogue, usePlan, useWindow } from '../../api/queries';
import { Room, RoomKey } from '../../ui/Room';
import { Failed } from '../../ui/States';
import { WASHED } from './LogbookPage';
import { type Entry, logChanged, useMarks } from './queries';

const day = new Intl.DateTimeFormat('en-GB', { day: 'numeric', month: 'short', year: 'numeric' });

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
            Repeat this order
          </button>
          <button type="button" className="btn btn-sm btn-outline" onClick={() => copy.mutate('as-used')}>
            New job, set as used
          </button>
          {entry.runId && (
            <Link className="btn btn-sm btn-ghost" to={`/logbook?run=${entry.runId}`}>
              All of this run
            </Link>
          )}
        </div>
        <Photos entry={entry} />
        <Washes entry={entry} />
        <div className="grid gap-4 sm:grid-cols-2">
          <Line name="Remark" value={entry.note} longest={2000} onSave={(note) => change.mutate({ note })} />
          <div>
            <Line
              name="Lots of its vinyl, with commas between"
              value={entry.lots.join(', ')}
              longest={400}
              onSave={(lots) => change.mutate({ lots: lots.split(',').map((l) => l.trim()) })}
            />
            {entry.lots.map((lot) => (
              <Link key={lot} className="link-quiet mr-4 text-[0.9rem]" to={`/logbook?lot=${encodeURIComponent(lot)}`}>
                Every piece of {lot}
              </Link>
            ))}
          </div>
        </div>
        <p className="text-[0.9rem] text-quiet">
          {entry.example
            ? 'A worked example: it teaches nothing about your workshop. Copy its job to press it as your own.'
            : entry.struck
              ? 'It does not count: no plan learns from it. '
              : entry.teaches
                ? 'Plans learn from this piece. '
                : 'What came out says nothing of the heat of one vinyl, so no plan learns from it. '}
          {!entry.example && (
            <button type="button" className="link-quiet" onClick={() => change.mutate({ struck: !entry.struck })}>
              {entry.struck ? 'Let it count again' : 'It should not count'}
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
    <section aria-label="How much room">
      <h2 className="mb-2">
        How much room <span className="font-normal text-quiet text-[0.87rem]">all pieces like this one</span>
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

function Photos({ entry }: { entry: Entry }) {
  const queries = useQueryClient();
  const onSuccess = () => logChanged(queries);
  const add = useMutation({
    mutationFn: async (file: File) => {
      const answer = await fetch(`/api/log/${entry.id}/photos`, {
        method: 'POST',
        headers: { 'content-type': 'application/octet-stream' },
        body: file,
      });
      if (!answer.ok) throw new Error((await answer.json()).detail ?? 'The photo was not taken in.');
    },
    onSuccess,
  });
  const remove = useMutation({
    mutationFn: (photo: string) => got(api.DELETE('/api/log/photos/{photo}', { params: { path: { photo } } })),
    onSuccess,
  });
  return (
    <section aria-label="Photos">
      <div className="flex flex-wrap gap-3 items-end">
        {entry.photos.map((photo, i) => (
          <figure key={photo} className="relative">
            <a href={`/api/log/photos/${photo}`} target="_blank" rel="noreferrer">
              <img
                src={`/api/log/photos/${photo}/small`}
                alt={`${entry.title || 'The piece'}, ${i + 1}`}
                className="h-28 border border-rule"
              />
            </a>
            <button
              type="button"
              aria-label={`Take photo ${i + 1} away`}
              className="absolute top-0 right-0 bg-paper border border-rule size-7"
              onClick={() => remove.mutate(photo)}
            >
              ×
            </button>
          </figure>
        ))}
        <label className="link-quiet cursor-pointer">
          {add.isPending ? 'Making it small …' : entry.photos.length > 0 ? 'Another photo' : 'Add a photo'}
          <input
            type="file"
            accept="image/jpeg,image/png,image/webp"
            className="sr-only"
            onChange={(e) => {
              const file = e.target.files?.[0];
              if (file) add.mutate(file);
              e.target.value = '';
            }}
          />
        </label>
      </div>
      {add.isError && <Failed error={add.error} />}
    </section>
  );
}

function Washes({ entry }: { entry: Entry }) {
  const queries = useQueryClient();
  const onSuccess = () => logChanged(queries);
  const [washes, setWashes] = useState('');
  const [look, setLook] = useState<Schemas['WashLook']>('fine');
  const add = useMutation({
    mutationFn: () =>
      got(
        api.POST('/api/log/{id}/washes', {
          params: { path: { id: Number(entry.id) } },
          body: { washes: Number(washes), look, note: '' },
        }),
      ),
    onSuccess: () => {
      setWashes('');
      return onSuccess();
    },
  });
  const remove = useMutation({
    mutationFn: (wash: number) =>
      got(api.DELETE('/api/log/{id}/washes/{wash}', { params: { path: { id: Number(entry.id), wash } } })),
    onSuccess,
  });
  return (
    <section aria-label="Washes">
      <h2 className="mb-1.5">In the wash</h2>
      {entry.washes.map((w) => (
        <p key={w.id} className="flex gap-4 items-baseline tabular-nums">
          <span>
            After {w.washes === 1 ? 'one' : w.washes}: {WASHED[w.look].toLowerCase()}
          </span>
          <span className="text-quiet text-[0.87rem]">{day.format(new Date(w.atUtc))}</span>
          <button type="button" className="link-quiet text-[0.9rem]" onClick={() => remove.mutate(Number(w.id))}>
            Take it back
          </button>
        </p>
      ))}
      <form
        className="flex flex-wrap items-end gap-3 mt-1"
        onSubmit={(e) => {
          e.preventDefault();
          add.mutate();
        }}
      >
        <div className="field w-24">
          <label className="name" htmlFor={`washes-${entry.id}`}>
            Washes
          </label>
          <input
            id={`washes-${entry.id}`}
            className="input tabular-nums"
            inputMode="numeric"
            value={washes}
            onChange={(e) => setWashes(e.target.value.replace(/[^0-9]/g, ''))}
          />
        </div>
        <div className="field">
          <label className="name" htmlFor={`look-${entry.id}`}>
            How it looks
          </label>
          <select
            id={`look-${entry.id}`}
            className="select"
            value={look}
            onChange={(e) => setLook(e.target.value as Schemas['WashLook'])}
          >
            {Object.entries(WASHED).map(([id, word]) => (
              <option key={id} value={id}>
                {word}
              </option>
            ))}
          </select>
        </div>
        <button type="submit" className="btn btn-outline h-10" disabled={washes === ''}>
          Note it
        </button>
      </form>
      {add.isError && <Failed error={add.error} />}
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
