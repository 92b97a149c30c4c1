import type { PlannedPress } from '../api/client';
import { time } from '../app/unitMath';
import { useUnits } from '../app/units';

/** The answer: how hot and how long, larger than anything else on its page. */
export function Setpoint({ press, size = 'large' }: { press: PlannedPress; size?: 'large' | 'huge' }) {
  const units = useUnits();
  const numeral = size === 'huge' ? 'text-[4.6rem]' : 'text-[3.7rem]';
  return (
    <div>
      <p
        className={`numeral ${numeral} leading-[0.95] font-bold flex flex-wrap gap-x-6 gap-y-1`}
        data-testid="setpoint"
      >
        <span>{press.dialMark ?? units.temperature(press.celsius)}</span>
        <span>{time(press.seconds)}</span>
      </p>
      <p className="mt-2 text-[1.1rem] text-quiet">
        {press.dialMark
          ? `the iron's mark, about ${units.temperature(press.celsius)}`
          : units.otherTemperature(press.celsius)}{' '}
        · {press.pressure} pressure
      </p>
    </div>
  );
}
