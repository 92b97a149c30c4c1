import { useMutation } from '@tanstack/react-query';
import { api, type Cut, type CutList, type CutSheet, got } from '../../api/client';
import { time } from '../../app/unitMath';
import { Failed } from '../../ui/States';
import * as labels from './labels';
import { SheetPicture } from './SheetPicture';
import { unitKey, unitName, weedingCounts } from './words';

interface Props {
  cut: Cut;
  onChange: (cut: Cut) => void;
}

/** What stays and what goes, as it reads from the right side, ticked off piece by piece. */
export function WeedingSheet({ cut, onChange }: Props) {
  const tick = useMutation({
    mutationFn: (keys: string[]) =>
      got(api.PUT('/api/cuts/{id}/weeded', { params: { path: { id: cut.id } }, body: { keys } })),
    onSuccess: onChange,
  });
  const done = new Set(cut.weeded);
  // Shown at once, so that the next tick is added to this one and not to what was there before it.
  const toggle = (key: string) => {
    const keys = done.has(key) ? cut.weeded.filter((k) => k !== key) : [...cut.weeded, key];
    onChange({ ...cut, weeded: keys });
    tick.mutate(keys);
  };
  return (
    <section aria-label={labels.weedingSheet} className="grid gap-6">
      <header className="flex flex-wrap items-baseline gap-x-5 border-t border-ink pt-3">
        <h2 className="text-[1.3rem] font-bold">{labels.weedingSheet}</h2>
        <span className="text-quiet">{labels.asItReadsFromThe}</span>
        <a className="link-quiet" href={`/api/cuts/${cut.id}/weeding.pdf`} target="_blank" rel="noreferrer">
          {labels.printIt}
        </a>
      </header>
      {tick.isError && <Failed error={tick.error} />}
      {cut.way.lists.map((list) =>
        list.sheets.map((sheet) => (
          <OneSheet key={`${list.id} ${sheet.number}`} list={list} sheet={sheet} done={done} onTick={toggle} />
        )),
      )}
    </section>
  );
}

function OneSheet({
  list,
  sheet,
  done,
  onTick,
}: {
  list: CutList;
  sheet: CutSheet;
  done: ReadonlySet<string>;
  onTick: (key: string) => void;
}) {
  const { centres, pieces, rings } = weedingCounts(list, sheet);
  const clean = new Set(sheet.units.filter((u) => done.has(unitKey(list, sheet, u))).map((u) => u.index));
  return (
    <div
      className="grid lg:grid-cols-[minmax(0,1fr)_20rem] gap-6 items-start"
      data-weeding={`${list.id}/${sheet.number}`}
    >
      <div>
        <p className="mb-1">
          <strong>{labels.toPick(centres, centres === 1 ? 'center' : 'centers')}</strong>
          {labels.ringedAbout(
            pieces,
            pieces === 1 ? labels.pieceStays : labels.piecesStay,
            rings,
            time(sheet.weedSeconds),
          )}
        </p>
        <SheetPicture
          list={list}
          sheet={sheet}
          rightSide
          weeding
          ticked={clean}
          label={labels.sheetFromTheRightSide(list.name, sheet.number)}
        />
      </div>
      <ul className="scored border-y border-rule">
        {sheet.units.map((unit) => (
          <li key={unit.index}>
            <label className="flex items-center gap-3 py-1.5">
              <input
                type="checkbox"
                className="checkbox checkbox-sm"
                checked={clean.has(unit.index)}
                onChange={() => onTick(unitKey(list, sheet, unit))}
              />
              <span className={clean.has(unit.index) ? 'text-quiet line-through' : ''}>{unitName(unit)}</span>
              <span className="ml-auto text-quiet text-[0.9rem] tabular-nums">
                {list.shapes[unit.shape]?.centres.length || 'no'}{' '}
                {list.shapes[unit.shape]?.centres.length === 1 ? 'center' : 'centers'}
              </span>
            </label>
          </li>
        ))}
      </ul>
    </div>
  );
}
