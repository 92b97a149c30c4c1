import { useUnits } from '../../app/units';
import type { Hand, Station } from './useRun';

interface Props {
  station: Station;
  focus: Hand | null;
  onPress: (ask: { action: 'connect' | 'connect-cold' | 'disconnect' | 'close' | 'close-and-open' | 'open' }) => void;
}

/** The press beside the bench: run by hand, or connected so that it says itself how hot it is and when it closes. */
export function WiredPress({ station, focus, onPress }: Props) {
  const units = useUnits();
  const device = station.device;
  if (!device)
    return (
      <details className="text-[1rem] text-quiet">
        <summary className="cursor-pointer underline underline-offset-4">The press is run by hand</summary>
        <p className="mt-2">
          A press that can be read says itself when it closes and how hot it is. To practise, the one that ships can
          take its place.
        </p>
        <p className="flex flex-wrap gap-4 mt-2">
          <button type="button" className="underline underline-offset-4" onClick={() => onPress({ action: 'connect' })}>
            Practice press, hot
          </button>
          <button
            type="button"
            className="underline underline-offset-4"
            onClick={() => onPress({ action: 'connect-cold' })}
          >
            Practice press, from cold
          </button>
        </p>
      </details>
    );
  const { status } = device;
  return (
    <div data-testid="wired" data-hot={device.hotEnough}>
      <dl className="grid grid-cols-2 gap-6 tabular-nums">
        <div className="border-t border-rule pt-2">
          <dt className="text-quiet text-[1.05rem]">plate, measured</dt>
          <dd className="text-[1.9rem] font-semibold">{units.temperature(status.middleCelsius)}</dd>
        </div>
        <div className="border-t border-rule pt-2">
          <dt className="text-quiet text-[1.05rem]">near its edge</dt>
          <dd className="text-[1.9rem] font-semibold">{units.temperature(status.edgeCelsius)}</dd>
        </div>
      </dl>
      <p className="flex flex-wrap gap-5 text-[1.05rem] mt-2">
        {status.closed ? (
          <button type="button" className="underline underline-offset-4" onClick={() => onPress({ action: 'open' })}>
            Open the plate
          </button>
        ) : (
          focus?.closesNext &&
          device.hotEnough && (
            <button type="button" className="underline underline-offset-4" onClick={() => onPress({ action: 'close' })}>
              Close it, and open it yourself
            </button>
          )
        )}
        {!status.closed && (
          <button
            type="button"
            className="underline underline-offset-4 text-quiet"
            onClick={() => onPress({ action: 'disconnect' })}
          >
            By hand again
          </button>
        )}
      </p>
    </div>
  );
}
