import type { OwnEntry } from '../../api/job';
import { useUnits } from '../../app/units';
import { NumberField } from '../../ui/Fields';
import * as labels from './labels';

interface Spot {
  xMm: number;
  yMm: number;
  widthMm: number;
  heightMm: number;
}

const MOST = 12;
const START: Spot = { xMm: 0, yMm: 0, widthMm: 50, heightMm: 50 };

interface Props {
  entry: OwnEntry;
  plateWidthMm: number;
  plateHeightMm: number;
  faults: Map<string, string>;
  onChange: (change: Partial<OwnEntry>) => void;
}

/** Where a strip showed the plate to be cooler: all round, and in spots. The print is kept out of there. */
export function CoolSpots({ entry, plateWidthMm, plateHeightMm, faults, onChange }: Props) {
  const units = useUnits();
  const spots = (entry.coolSpots as Spot[] | undefined) ?? [];
  const rim = (entry.coolRimMm as number | undefined) ?? 0;
  const set = (next: Spot[]) => onChange({ coolSpots: next.length > 0 ? next : undefined });
  const field = (at: number, name: string, key: keyof Spot) => (
    <NumberField
      name={name}
      value={units.lengthShown(spots[at]?.[key] ?? 0)}
      unit={units.lengthUnit}
      onChange={(n) =>
        set(spots.map((s, i) => (i === at ? { ...s, [key]: n === undefined ? 0 : units.mmFrom(n) } : s)))
      }
      fault={faults.get(`/coolSpots/${at}/${key}`)}
    />
  );
  return (
    <fieldset className="sm:col-span-2 grid gap-3">
      <legend className="name">{labels.coolerPlaces}</legend>
      <p className="text-[0.9rem] text-quiet">{labels.foundWithAStripPrints}</p>
      <div className="grid sm:grid-cols-[minmax(0,1fr)_auto] gap-x-8 gap-y-3 items-start">
        <div className="grid gap-3">
          <NumberField
            name={labels.coolerAllRoundFromThe}
            value={entry.coolRimMm === undefined ? undefined : units.lengthShown(rim)}
            unit={units.lengthUnit}
            placeholder={labels.notBeyondTheUsual}
            onChange={(n) => onChange({ coolRimMm: n === undefined ? undefined : units.mmFrom(n) })}
            fault={faults.get('/coolRimMm')}
          />
          {spots.map((spot, i) => (
            <div
              // biome-ignore lint/suspicious/noArrayIndexKey: a spot has nothing else to be told by
              key={i}
              className="grid grid-cols-2 gap-x-4 gap-y-2 border-t border-rule pt-2"
            >
              {field(i, labels.spotFromTheLeft(i + 1), 'xMm')}
              {field(i, labels.fromTheTop, 'yMm')}
              {field(i, 'width', 'widthMm')}
              {field(i, 'height', 'heightMm')}
              <button
                type="button"
                className="btn btn-sm btn-outline w-fit"
                onClick={() => set(spots.filter((s) => s !== spot))}
              >
                {labels.removeSpot(i + 1)}
              </button>
            </div>
          ))}
          {spots.length < MOST && (
            <button type="button" className="btn btn-sm btn-outline w-fit" onClick={() => set([...spots, START])}>
              {labels.addACoolSpot}
            </button>
          )}
        </div>
        {(rim > 0 || spots.length > 0) && (
          <svg
            role="img"
            aria-label={labels.thePlateAsItHangs}
            viewBox={`-4 -4 ${plateWidthMm + 8} ${plateHeightMm + 8}`}
            className="w-40 max-h-48"
          >
            <defs>
              <pattern id="cool" width="12" height="12" patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
                <line y2="12" stroke="var(--color-base-content)" strokeWidth="4" />
              </pattern>
            </defs>
            <path
              d={`M0 0H${plateWidthMm}V${plateHeightMm}H0ZM${rim} ${rim}V${plateHeightMm - rim}H${plateWidthMm - rim}V${rim}Z`}
              fillRule="evenodd"
              fill={rim > 0 ? 'url(#cool)' : 'none'}
            />
            {spots.map((s) => (
              <rect
                key={`${s.xMm} ${s.yMm} ${s.widthMm} ${s.heightMm}`}
                x={s.xMm}
                y={s.yMm}
                width={s.widthMm}
                height={s.heightMm}
                fill="url(#cool)"
                stroke="var(--color-base-content)"
              />
            ))}
            <rect
              width={plateWidthMm}
              height={plateHeightMm}
              fill="none"
              stroke="var(--color-base-content)"
              strokeWidth="4"
            />
          </svg>
        )}
      </div>
    </fieldset>
  );
}
