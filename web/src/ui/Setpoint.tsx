import type { PlannedPress } from '../api/client';
import { time } from '../app/unitMath';
import { useUnits } from '../app/units';
import { Degrees } from './Degrees';
import * as labels from './labels';

/** The answer: how hot and how long, larger than anything else on its page. */
export function Setpoint({
  press,
  others = [],
  size = 'large',
}: {
  press: PlannedPress;
  /** Presses that bond after it, where they differ. */
  others?: readonly PlannedPress[];
  size?: 'large' | 'huge';
}) {
  const units = useUnits();
  const sides = others.some((p) => p.face !== press.face);
  const numeral = size === 'huge' ? 'text-[4.6rem]' : 'text-[3.7rem]';
  return (
    <div>
      <p
        className={`numeral ${numeral} leading-[0.95] font-bold flex flex-wrap gap-x-6 gap-y-1`}
        data-testid="setpoint"
      >
        <span>
          <small className="caption">{labels.setTo}</small>
          <Degrees text={press.dialMark ?? units.temperature(press.celsius)} />
        </span>
        <span>
          <small className="caption">{labels.pressFor}</small>
          {time(press.seconds)}
        </span>
      </p>
      <p className="mt-2 text-[1.1rem] text-quiet">
        {labels.pressure(
          press.dialMark
            ? labels.theIronSMarkAbout(units.temperature(press.celsius))
            : units.otherTemperature(press.celsius),
          press.pressure,
        )}
        {sides && ` · ${press.face}`}
      </p>
      {others.map((p) => (
        <p key={p.order} className="mt-1 text-[1.3rem] font-semibold tabular-nums" data-testid="then">
          {labels.thenNext(time(p.seconds))}
          {p.celsius !== press.celsius && ` at ${p.dialMark ?? units.temperature(p.celsius)}`}
          {sides && labels.onThe(p.face ?? '')}
        </p>
      ))}
    </div>
  );
}
