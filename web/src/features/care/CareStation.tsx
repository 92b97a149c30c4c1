import { useQuery } from '@tanstack/react-query';
import { api, got } from '../../api/client';
import { Failed, Loading } from '../../ui/States';
import { useJob } from '../jobs/JobPage';
import { savedFirst } from '../jobs/savedLink';
import { CuringRun, useCuring } from './Curing';
import * as labels from './labels';

/** How the finished piece is looked after: symbols, words, a card to print, and what of this job is still setting. */
export function CareStation() {
  const { draft, id } = useJob();
  const advice = useQuery({
    queryKey: ['care-advice', draft.job],
    queryFn: () => got(api.POST('/api/care/advice', { body: draft.job })),
  });
  const curing = useCuring();
  const own = curing.data?.filter((r) => r.jobId === id) ?? [];
  if (advice.isPending) return <Loading what={labels.theCare} />;
  if (advice.isError) return <Failed error={advice.error} />;
  return (
    <div className="grid gap-8 max-w-[60rem]">
      <section aria-label={labels.care}>
        <ul className="flex flex-wrap gap-x-8 gap-y-4">
          {advice.data.marks.map((m) => (
            <li key={m.symbol} className="w-28">
              <img src={`/api/care/symbols/${m.symbol}.svg`} alt="" className="care-symbol size-16" />
              <p className="mt-1.5 leading-tight">{m.says}</p>
            </li>
          ))}
        </ul>
        <ul className="grid gap-1 mt-5 max-w-[62ch]">
          {advice.data.lines.map((line) => (
            <li key={line}>{line}</li>
          ))}
        </ul>
        <p className="text-[0.87rem] text-quiet mt-3 max-w-[62ch]">{labels.theSymbolsMeaningFollowsIso}</p>
        <a
          className="btn btn-outline mt-4 print:hidden"
          href={`/api/jobs/${id}/care.pdf`}
          target="_blank"
          rel="noreferrer"
          onClick={savedFirst(draft)}
        >
          {labels.print(
            Array.isArray(draft.job.names) && draft.job.names.length > 1 ? labels.careCards : labels.aCareCard,
          )}
        </a>
      </section>
      {own.length > 0 && (
        <section aria-label={labels.stillSetting}>
          <h2>{labels.pressedAndSetting}</h2>
          <div className="scored border-y border-rule mt-2">
            {own.map((run) => (
              <CuringRun key={run.runId} run={run} />
            ))}
          </div>
        </section>
      )}
    </div>
  );
}
