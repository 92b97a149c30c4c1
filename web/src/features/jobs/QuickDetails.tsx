import { useRef } from 'react';
import { flushSync } from 'react-dom';
import { Link } from 'react-router';
import type { Catalogue, FieldFault } from '../../api/client';
import { changed, type JobLabel } from '../../api/job';
import { useUnits } from '../../app/units';
import { ChoiceField, NumberField } from '../../ui/Fields';
import { FigureFor } from '../../ui/FigureFor';
import type { Picked } from './agreed';
import * as labels from './labels';

export interface Plate {
  plateWidthMm?: number;
  plateHeightMm?: number;
}

/** What a first answer does not ask for, but takes into account when it is said. */
export function Details({
  label,
  taken,
  onLabel,
  plate,
  onPlate,
  catalogue,
  picked,
  faults,
}: {
  label: JobLabel | null;
  /** Which press the plan took it to be for. */
  taken: string | null;
  onLabel: (label: JobLabel | null) => void;
  plate: Plate | null;
  onPlate: (plate: Plate | null) => void;
  catalogue: Catalogue;
  picked: Picked;
  faults: readonly FieldFault[];
}) {
  const units = useUnits();
  const vinyl = catalogue.vinyls.find((v) => v.id === picked.vinyl);
  const press = catalogue.heatSources.find((h) => h.id === picked.press);
  const fault = (pointer: string) => faults.find((f) => f.pointer === `#${pointer}`)?.detail;
  const setLabel = (change: Partial<JobLabel>) => onLabel(changed(label ?? {}, change));
  const setPlate = (change: Partial<Plate>) => onPlate(changed(plate ?? {}, change));
  const first = useRef<HTMLFieldSetElement>(null);
  const openLabel = () => {
    // Who asks for the fields is about to type into the first.
    flushSync(() => onLabel({}));
    first.current?.querySelector('input')?.focus();
  };
  const toggle = (open: boolean, name: string, onToggle: () => void) => (
    <button
      type="button"
      aria-expanded={open}
      className="text-[1.07rem] underline underline-offset-4 decoration-1 min-h-9"
      onClick={onToggle}
    >
      {open ? labels.leaveItOut(name) : name}
    </button>
  );
  return (
    <div className="mt-4 max-w-[38rem]">
      <div className="flex flex-wrap gap-x-7">
        {toggle(label !== null, labels.myWrapperSays, () => (label ? onLabel(null) : openLabel()))}
        {toggle(plate !== null, labels.myPressIs, () => onPlate(plate ? null : {}))}
      </div>
      {label && (
        <fieldset ref={first} className="grid grid-cols-2 sm:grid-cols-4 gap-3 mt-2">
          <legend className="sr-only">{labels.whatTheWrapperSays}</legend>
          <NumberField
            name={labels.temperature}
            value={label.celsius === undefined ? undefined : Math.round(units.degrees(label.celsius))}
            unit={units.degree}
            placeholder={vinyl ? String(Math.round(units.degrees(vinyl.chartCelsius.low ?? 0))) : ''}
            onChange={(n) => setLabel({ celsius: n === undefined ? undefined : units.celsiusFrom(n) })}
            fault={fault('/layers/0/label/celsius')}
          />
          <NumberField
            name={labels.time}
            value={label.seconds}
            unit="s"
            placeholder={String(vinyl?.chartSeconds.low ?? '')}
            onChange={(seconds) => setLabel({ seconds })}
            fault={fault('/layers/0/label/seconds')}
          />
          <ChoiceField
            name={labels.pressure}
            value={label.pressure ?? ''}
            options={[{ id: '', name: 'not given' }, ...['light', 'medium', 'firm'].map((id) => ({ id, name: id }))]}
            onPick={(v) => setLabel({ pressure: v || undefined })}
          />
          <ChoiceField
            name={labels.peel2}
            value={label.peel ?? ''}
            options={[{ id: '', name: 'not given' }, ...['hot', 'warm', 'cold'].map((id) => ({ id, name: id }))]}
            onPick={(v) => setLabel({ peel: v || undefined })}
          />
          <div className="col-span-2 sm:col-span-4">
            <FigureFor label={label} taken={taken} onPick={(meant) => setLabel({ for: meant })} />
          </div>
        </fieldset>
      )}
      {plate && (
        <fieldset className="grid grid-cols-2 sm:grid-cols-4 gap-3 mt-2 items-end">
          <legend className="sr-only">{labels.whatThePressIs}</legend>
          <NumberField
            name={labels.plateWidth}
            value={plate.plateWidthMm === undefined ? undefined : units.lengthShown(plate.plateWidthMm)}
            unit={units.lengthUnit}
            placeholder={press ? String(units.lengthShown(press.plateWidthMm)) : ''}
            onChange={(n) => setPlate({ plateWidthMm: n === undefined ? undefined : units.mmFrom(n) })}
            fault={fault('/tools/plateWidthMm')}
          />
          <NumberField
            name={labels.plateHeight}
            value={plate.plateHeightMm === undefined ? undefined : units.lengthShown(plate.plateHeightMm)}
            unit={units.lengthUnit}
            placeholder={press ? String(units.lengthShown(press.plateHeightMm)) : ''}
            onChange={(n) => setPlate({ plateHeightMm: n === undefined ? undefined : units.mmFrom(n) })}
            fault={fault('/tools/plateHeightMm')}
          />
          <p className="col-span-2 text-[0.9rem] text-quiet">
            {labels.dialItsErrorAndHow}
            <Link to="/shelf" className="underline underline-offset-2">
              {labels.shelf}
            </Link>
            {labels.thenYourPressStandsIn}
          </p>
        </fieldset>
      )}
    </div>
  );
}

export function titled(name: string): string {
  return name.charAt(0).toUpperCase() + name.slice(1);
}

/** All presses in one line, as a sentence of its own. */
export function sentence(line: string): string {
  return `${titled(line)}.`;
}
