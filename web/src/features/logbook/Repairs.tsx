import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { api, got } from '../../api/client';
import { useCatalogue } from '../../api/queries';
import { day } from '../../app/dates';
import { ChoiceField } from '../../ui/Fields';
import { Failed } from '../../ui/States';
import * as labels from './labels';
import { logChanged } from './queries';

/** A press that was repaired has another plate: what was learned of the old one no longer counts for it. */
export function Repairs({ repairs }: { repairs: Readonly<Record<string, string>> }) {
  const catalogue = useCatalogue();
  const queries = useQueryClient();
  const [source, setSource] = useState('');
  const sources = catalogue.data?.heatSources ?? [];
  const chosen = source || sources[0]?.id || '';
  const note = useMutation({
    mutationFn: ({ heatSource, repaired }: { heatSource: string; repaired: boolean }) =>
      got(api.PUT('/api/learned/repairs/{heatSource}', { params: { path: { heatSource } }, body: { repaired } })),
    onSuccess: () => logChanged(queries),
  });
  const since = Object.entries(repairs);
  return (
    <section aria-label={labels.repairs} className="mt-8">
      <h2>{labels.repairs}</h2>
      <p className="text-[0.9rem] text-quiet max-w-[72ch] mt-0.5 mb-3">{labels.repairsMean}</p>
      <div className="flex flex-wrap items-end gap-4">
        <div className="w-60">
          <ChoiceField
            name={labels.press}
            value={chosen}
            options={sources.map((s) => ({ id: s.id, name: s.name }))}
            onPick={setSource}
          />
        </div>
        <button
          type="button"
          className="btn btn-outline h-10"
          disabled={!chosen || note.isPending}
          onClick={() => note.mutate({ heatSource: chosen, repaired: true })}
        >
          {labels.repairedNow}
        </button>
      </div>
      {note.isError && <Failed error={note.error} />}
      {since.length > 0 && (
        <ul className="scored border-y border-rule mt-4">
          {since.map(([heatSource, at]) => (
            <li key={heatSource} className="flex flex-wrap items-baseline gap-5 py-2">
              <span>{labels.asItIsSince(sources.find((s) => s.id === heatSource)?.name ?? heatSource, day(at))}</span>
              <button
                type="button"
                className="link-quiet text-[0.9rem] ml-auto"
                onClick={() => note.mutate({ heatSource, repaired: false })}
              >
                {labels.takeItBack}
              </button>
            </li>
          ))}
        </ul>
      )}
    </section>
  );
}
