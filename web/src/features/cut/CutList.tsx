import { useMutation, useQueryClient } from '@tanstack/react-query';
import { api, got, type CutList as List } from '../../api/client';
import { time } from '../../app/unitMath';
import { useUnits } from '../../app/units';
import * as labels from './labels';
import { SheetPicture } from './SheetPicture';
import { presetInWords } from './words';

interface Props {
  list: List;
  /** Address of a file of one sheet. */
  file: (format: string, sheet: number) => string;
}

/** All that is cut from one vinyl in one colour, sheet by sheet. */
export function CutList({ list, file }: Props) {
  const units = useUnits();
  const others = list.onHand.filter((c) => c.colour !== list.colour && c.enough);
  return (
    <section
      aria-label={[list.name, list.colourName].filter(Boolean).join(', ')}
      className="border-t border-ink pt-3"
      data-list={list.id}
    >
      <header className="flex flex-wrap items-baseline gap-x-4 gap-y-1 mb-2">
        <h2 className="flex items-center gap-2 text-[1.15rem]">
          <span
            className="inline-block w-5 h-5 border border-ink"
            style={{ background: list.colour ?? 'transparent' }}
          />
          {[list.name, list.colourName].filter(Boolean).join(', ')}
          <span className="font-normal text-quiet text-[0.95rem]">
            {[...new Set(list.sheets.flatMap((s) => s.units.flatMap((u) => u.layers)))].join(', ')}
          </span>
        </h2>
        <span className="tabular-nums">{presetInWords(list.preset)}</span>
        <span className="text-quiet text-[0.9rem]">{list.preset.from.source}</span>
      </header>
      <p className="text-[0.95rem] mb-3">
        {list.mirrored ? (
          <strong>{labels.cutReversedOnceHereThe}</strong>
        ) : (
          <strong>{labels.notReversedThisVinylIs}</strong>
        )}
        {labels.carrierSheetDown}
        {list.directional && labels.itHasARightWay}
      </p>
      <div className="grid sm:grid-cols-2 2xl:grid-cols-3 gap-6">
        {list.sheets.map((sheet) => (
          <figure key={sheet.number}>
            <SheetPicture list={list} sheet={sheet} label={labels.sheetAsItLiesOn(list.name, sheet.number)} />
            <figcaption className="text-[0.9rem] mt-1.5 flex flex-wrap gap-x-4 gap-y-1">
              <span className="tabular-nums">
                {labels.sheetOf(
                  sheet.number,
                  units.bought(sheet.usedLengthMm),
                  units.lengthShown(sheet.widthMm),
                  units.lengthUnit,
                  time(sheet.cutSeconds),
                )}
              </span>
              <span className="flex gap-3">
                {['svg', 'dxf', 'hpgl'].map((format) => (
                  <a key={format} className="link-quiet uppercase" href={file(format, sheet.number)} download>
                    {format}
                  </a>
                ))}
              </span>
            </figcaption>
          </figure>
        ))}
      </div>
      {list.ask && <SameColour list={list} ask={list.ask} />}
      <ul className="text-[0.92rem] mt-3 grid gap-1">
        {list.uses.map((use) => (
          <li key={use.stockId}>
            {labels.fromWord(use.label, use.kind === 'roll' ? units.bought(use.lengthMm) : labels.allOfIt)}
            {list.comesBack
              .filter((c) => c.stockId === use.stockId)
              .map((c) => (
                <span key={`${c.left.widthMm} ${c.left.lengthMm}`} className="text-quiet">
                  {labels.comesBack(
                    units.lengthShown(c.left.widthMm),
                    units.lengthShown(c.left.lengthMm),
                    units.lengthUnit,
                  )}
                  {c.left.cornerWidthMm > 0 && labels.aCornerGone}
                </span>
              ))}
          </li>
        ))}
        {list.uses.length === 0 && <li className="text-quiet">{labels.nothingOfItOnHand}</li>}
        {list.moreRuns != null && (
          <li className="text-quiet">
            {list.moreRuns === 0 ? labels.theRollsAreNotEnough : labels.enoughForMore(list.moreRuns)}
          </li>
        )}
        {list.shortMm > 0 && others.length > 0 && (
          <li className="flex flex-wrap items-center gap-2">
            {labels.enoughOnHandIn}
            {others.map((c) => (
              <span key={c.colour} className="inline-flex items-center gap-1">
                <span className="inline-block w-4 h-4 border border-ink" style={{ background: c.colour }} />
                {c.colourName || labels.anotherColor}
              </span>
            ))}
          </li>
        )}
      </ul>
    </section>
  );
}

/** Asked once: a drawing's green and a label's are seldom the same number. */
function SameColour({ list, ask }: { list: List; ask: NonNullable<List['ask']> }) {
  const queries = useQueryClient();
  const say = useMutation({
    mutationFn: (same: boolean) =>
      got(
        api.PUT('/api/stock/colours', {
          body: { vinyl: list.vinyl, wanted: list.colour ?? '', onShelf: ask.onShelf, same },
        }),
      ),
    onSuccess: () => queries.invalidateQueries({ queryKey: ['cut-plan'] }),
  });
  return (
    <div className="notice mt-3 flex flex-wrap items-center gap-x-4 gap-y-2" data-testid="same-colour">
      <span className="flex items-center gap-2">
        <span className="inline-block w-6 h-6 border border-ink" style={{ background: list.colour ?? 'transparent' }} />
        <span className="inline-block w-6 h-6 border border-ink" style={{ background: ask.onShelf }} />
      </span>
      <span>{labels.theArtworkSColorAnd(ask.name, ask.taken ? labels.itIsUsedForIt : '')}</span>
      <span className="flex gap-2">
        <button
          type="button"
          className="btn btn-sm btn-outline"
          disabled={say.isPending}
          onClick={() => say.mutate(true)}
        >
          {labels.yesUseIt}
        </button>
        <button
          type="button"
          className="btn btn-sm btn-ghost"
          disabled={say.isPending}
          onClick={() => say.mutate(false)}
        >
          {labels.noAnother}
        </button>
      </span>
      {say.isError && <span role="alert">{say.error.message}</span>}
    </div>
  );
}
