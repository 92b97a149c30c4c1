import { Failed, Loading } from '../../ui/States';
import { LogFrame } from '../logbook/LogFrame';
import { CuringRun, useCuring } from './Curing';

/** Everything in the workshop whose glue is setting. */
export function CarePage() {
  const curing = useCuring();
  return (
    <LogFrame>
      {curing.isPending && <Loading what="what is setting" />}
      {curing.isError && <Failed error={curing.error} retry={() => curing.refetch()} />}
      {curing.data && (
        <>
          <p className="max-w-[72ch] mb-4">Glue goes on setting for about a day. Washed too soon, edges lift.</p>
          {curing.data.length === 0 && (
            <p className="border-y border-rule py-8 text-quiet">
              Nothing is setting. What comes off the bench shows here for two days.
            </p>
          )}
          <div className="scored border-y border-rule">
            {curing.data.map((run) => (
              <CuringRun key={run.runId} run={run} />
            ))}
          </div>
        </>
      )}
    </LogFrame>
  );
}
