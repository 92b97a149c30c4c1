import { useUnits } from '../../app/units';
import * as labels from './labels';
import type { Hand, Station } from './useRun';

interface Props {
  station: Station;
  focus: Hand | null;
  onPress: (ask: { action: 'connect' | 'connect-cold' | 'disconnect' | 'close' | 'close-and-open' | 'open' }) => void;
}

/** The simulated press beside a practice bench: it says itself how hot it is and when it closes. */
export function WiredPress({ station, focus, onPress }: Props) {
  const units = useUnits();
  const device = station.device;
  if (!device)
    return (
      <div className="text-[1rem] text-quiet">
        <p>{labels.timingByHandTheSimulated}</p>
        <p className="flex flex-wrap gap-4 mt-2">
          <button type="button" className="underline underline-offset-4" onClick={() => onPress({ action: 'connect' })}>
            {labels.simulatedPressHot}
          </button>
          <button
            type="button"
            className="underline underline-offset-4"
            onClick={() => onPress({ action: 'connect-cold' })}
          >
            {labels.simulatedPressFromCold}
          </button>
        </p>
      </div>
    );
  const { status } = device;
  return (
    <div data-testid="wired" data-hot={device.hotEnough}>
      <p className="text-[1rem] text-quiet mb-2">{labels.simulatedPressItsFiguresAre}</p>
      <dl className="grid grid-cols-2 gap-6 tabular-nums">
        <div className="border-t border-rule pt-2">
          <dt className="text-quiet text-[1.05rem]">{labels.plateMeasured}</dt>
          <dd className="text-[1.9rem] font-semibold">{units.temperature(status.middleCelsius)}</dd>
        </div>
        <div className="border-t border-rule pt-2">
          <dt className="text-quiet text-[1.05rem]">{labels.nearItsEdge}</dt>
          <dd className="text-[1.9rem] font-semibold">{units.temperature(status.edgeCelsius)}</dd>
        </div>
      </dl>
      <p className="flex flex-wrap gap-5 text-[1.05rem] mt-2">
        {status.closed ? (
          <button type="button" className="underline underline-offset-4" onClick={() => onPress({ action: 'open' })}>
            {labels.openThePlate}
          </button>
        ) : (
          focus?.closesNext &&
          device.hotEnough && (
            <button type="button" className="underline underline-offset-4" onClick={() => onPress({ action: 'close' })}>
              {labels.closeItAndOpenIt}
            </button>
          )
        )}
        {!status.closed && (
          <button
            type="button"
            className="underline underline-offset-4 text-quiet"
            onClick={() => onPress({ action: 'disconnect' })}
          >
            {labels.byHandAgain}
          </button>
        )}
      </p>
    </div>
  );
}
