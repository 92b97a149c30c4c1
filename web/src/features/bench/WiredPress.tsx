import { useUnits } from '../../app/units';
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
        <p>Timing: by hand. The simulated press can take the place of yours.</p>
        <p className="flex flex-wrap gap-4 mt-2">
          <button type="button" className="underline underline-offset-4" onClick={() => onPress({ action: 'connect' })}>
            Simulated press, hot
          </button>
          <button
            type="button"
            className="underline underline-offset-4"
            onClick={() => onPress({ action: 'connect-cold' })}
          >
            Simulated press, from cold
          </button>
        </p>
      </div>
    );
  const { status } = device;
  return (
    <div data-testid="wired" data-hot={device.hotEnough}>
      <p className="text-[1rem] text-quiet mb-2">Simulated press: its figures are not your plate’s.</p>
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
