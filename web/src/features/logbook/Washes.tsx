import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { api, got, type Schemas } from '../../api/client';
import { Failed } from '../../ui/States';
import * as labels from './labels';
import { WASHED } from './outcomes';
import { type Entry, logChanged } from './queries';

const day = new Intl.DateTimeFormat('en-US', { day: 'numeric', month: 'short', year: 'numeric' });

/** How a piece looked after so many washes. */
export function Washes({ entry }: { entry: Entry }) {
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
    <section aria-label={labels.washes}>
      <h2 className="mb-1.5">{labels.inTheWash}</h2>
      {entry.washes.map((w) => (
        <p key={w.id} className="flex gap-4 items-baseline tabular-nums">
          <span>{labels.after(w.washes === 1 ? 'one' : w.washes, WASHED[w.look].toLowerCase())}</span>
          <span className="text-quiet text-[0.87rem]">{day.format(new Date(w.atUtc))}</span>
          <button type="button" className="link-quiet text-[0.9rem]" onClick={() => remove.mutate(Number(w.id))}>
            {labels.takeItBack}
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
            {labels.washes}
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
            {labels.howItLooks}
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
          {labels.noteIt}
        </button>
      </form>
      {add.isError && <Failed error={add.error} />}
    </section>
  );
}
