import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { Link } from 'react-router';
import { api, got, type Run } from '../../api/client';
import { newId } from '../../api/newId';
import { useCatalogue } from '../../api/queries';
import { useUnits } from '../../app/units';
import * as labels from './labels';
import { type Station, useSay, whose } from './useRun';

export function Press({ run, station }: { run: Run; station: Station }) {
  const { say, refusal } = useSay(run, station.number, null);
  const focus = station.focus ? run.pieces[station.focus.piece - 1] : undefined;
  const left = station.checks.filter((c) => c.ticked || c.skipped).length;
  const says = station.hasLeft
    ? labels.hasLeft
    : !station.prepared
      ? labels.preparingOf(left, station.checks.length)
      : focus
        ? whose(focus)
        : 'free';
  return (
    <li className="border-b border-rule py-2.5 flex flex-wrap items-center gap-x-3">
      <strong className="font-semibold">{station.name}</strong>
      <span className="text-quiet">{says}</span>
      {run.status === 'running' && !station.hasLeft && (
        <span className="ml-auto flex items-baseline">
          {run.stations.filter((s) => !s.hasLeft).length > 1 && (
            <button type="button" className="btn btn-sm btn-ghost" onClick={() => say({ action: 'leave', piece: 0 })}>
              {labels.leaves}
            </button>
          )}
          <Link
            className="btn btn-sm btn-outline"
            to={station.number === 1 ? `/bench/${run.id}` : `/bench/${run.id}/${station.number}`}
          >
            {labels.toItsBench}
          </Link>
        </span>
      )}
      {refusal && (
        <span role="alert" className="basis-full text-[0.9rem] font-semibold">
          {refusal.text}
        </span>
      )}
    </li>
  );
}

/** A further press and a pair of hands: its own bench page, opened there. */
export function Join({ run }: { run: Run }) {
  const catalogue = useCatalogue();
  const queries = useQueryClient();
  const units = useUnits();
  const [name, setName] = useState('');
  const [source, setSource] = useState('');
  const join = useMutation({
    mutationFn: () =>
      got(
        api.POST('/api/runs/{id}/stations', {
          params: { path: { id: run.id }, query: { units: units.system } },
          body: { commandId: newId(), name: name || null, heatSource: source || null },
        }),
      ),
    onSuccess: () => {
      setName('');
      queries.invalidateQueries({ queryKey: ['run', run.id] });
    },
  });
  return (
    <form
      className="mt-4 grid gap-2"
      onSubmit={(e) => {
        e.preventDefault();
        join.mutate();
      }}
    >
      <p className="font-semibold">{labels.anotherPressJoins}</p>
      <label className="grid gap-1 text-[0.9rem]">
        {labels.which}
        <select className="select select-sm w-full" value={source} onChange={(e) => setSource(e.target.value)}>
          <option value="">{labels.anotherLikeTheFirst}</option>
          {catalogue.data?.heatSources.map((h) => (
            <option key={h.id} value={h.id}>
              {h.own ? h.name : h.name.toLowerCase()}
            </option>
          ))}
        </select>
      </label>
      <label className="grid gap-1 text-[0.9rem]">
        {labels.whatItIsCalledHere}
        <input
          className="input input-sm w-full"
          maxLength={60}
          placeholder={labels.byTheWindow}
          value={name}
          onChange={(e) => setName(e.target.value)}
        />
      </label>
      <button type="submit" className="btn btn-sm btn-outline justify-self-start" disabled={join.isPending}>
        {labels.join}
      </button>
      {join.isError && (
        <p role="alert" className="notice stop text-[0.95rem]">
          {join.error.message}
        </p>
      )}
      <p className="text-[0.87rem] text-quiet">{labels.twoPressesOnOneCircuit}</p>
    </form>
  );
}
