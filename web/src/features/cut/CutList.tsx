import { useMutation, useQueryClient } from '@tanstack/react-query';
import { api, got, type CutList as List } from '../../api/client';
import { time } from '../../app/unitMath';
import { useUnits } from '../../app/units';
import { alike } from './alike';
import { FromShelf } from './FromShelf';
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
      <FromShelf list={list} />
      {list.ask && <SameColour list={list} ask={list.ask} />}
      <ul className="text-[0.92rem] mt-3 grid gap-1">
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
      <details className="mt-4" open={list.sheets.length === 1}>
        <summary className="cursor-pointer w-fit font-semibold">{labels.onTheMats(list.sheets.length)}</summary>
        <div className="grid sm:grid-cols-2 2xl:grid-cols-3 gap-6 mt-3">
          {alike(list.sheets).map(({ first: sheet, numbers }) => (
            <figure key={sheet.number}>
              <SheetPicture list={list} sheet={sheet} label={labels.sheetAsItLiesOn(list.name, sheet.number)} />
              <figcaption className="text-[0.9rem] mt-1.5 flex flex-wrap gap-x-4 gap-y-1">
                <span className="tabular-nums">
                  {labels.sheetOf(
                    numbers.length > 1
                      ? labels.matsAlike(sheet.number, numbers[numbers.length - 1] ?? sheet.number)
                      : labels.oneMat(sheet.number),
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
      </details>
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
