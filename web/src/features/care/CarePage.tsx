import { Failed, Loading } from '../../ui/States';
import { LogFrame } from '../logbook/LogFrame';
import { CuringRun, useCuring } from './Curing';
import * as labels from './labels';

/** Everything in the workshop whose glue is setting. */
export function CarePage() {
  const curing = useCuring();
  return (
    <LogFrame>
      {curing.isPending && <Loading what={labels.whatIsSetting} />}
      {curing.isError && <Failed error={curing.error} retry={() => curing.refetch()} />}
      {curing.data && (
        <>
          <p className="max-w-[72ch] mb-4">{labels.glueGoesOnSettingFor}</p>
          {curing.data.length === 0 && (
            <p className="border-y border-rule py-8 text-quiet">{labels.nothingIsSettingWhatComes}</p>
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
