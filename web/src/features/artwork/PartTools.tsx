import { useUnits } from '../../app/units';
import { NumberField } from '../../ui/Fields';
import { type ChosenPieces, PIECE_WORK, REGION_WORK } from './desk';
import * as labels from './labels';
import type { PictureMode, Region } from './parts';

interface Props {
  mode: PictureMode;
  onMode: (mode: PictureMode) => void;
  pieces: ChosenPieces;
  region: Region | null;
  onRegion: (region: Region) => void;
  /** What a region is done on, in words. */
  on: string;
  busy: boolean;
  onWork: (action: string) => void;
}

const MODES: readonly { mode: PictureMode; name: string }[] = [
  { mode: 'layers', name: labels.modeLayers },
  { mode: 'pieces', name: labels.modePieces },
  { mode: 'box', name: labels.modeBox },
  { mode: 'circle', name: labels.modeCircle },
  { mode: 'line', name: labels.modeLine },
];

/** What is tapped or drawn on the picture, and what is then done with it. */
export function PartTools({ mode, onMode, pieces, region, onRegion, on, busy, onWork }: Props) {
  const count = Object.values(pieces).reduce((sum, p) => sum + p.length, 0);
  const kinds = mode === 'pieces' ? PIECE_WORK : mode === 'layers' ? [] : REGION_WORK;
  const ready = mode === 'pieces' ? count > 0 : region?.shape === mode;
  const said =
    mode === 'pieces'
      ? count === 0
        ? labels.tapPieces
        : labels.piecesChosen(count)
      : labels.drawRegion[mode as Region['shape']];
  return (
    <section aria-label={labels.partTools} className="mb-2">
      <fieldset className="flex flex-wrap gap-1">
        <legend className="sr-only">{labels.whatIsTapped}</legend>
        {MODES.map((m) => (
          <button
            key={m.mode}
            type="button"
            aria-pressed={mode === m.mode}
            className={`btn btn-sm ${mode === m.mode ? 'btn-primary' : 'btn-outline'}`}
            onClick={() => onMode(m.mode)}
          >
            {m.name}
          </button>
        ))}
      </fieldset>
      {mode !== 'layers' && (
        <div className="mt-2">
          <p className="text-[0.95rem]" aria-live="polite">
            {said}
            {mode !== 'pieces' && <span className="text-quiet"> {labels.onWhich(on)}</span>}
          </p>
          {mode !== 'pieces' && <Corners region={region} mode={mode} onRegion={onRegion} />}
          <div className="flex flex-wrap gap-2 mt-2">
            {kinds.map((k) => (
              <button
                key={k.id}
                type="button"
                className="btn btn-sm btn-outline"
                disabled={!ready || busy}
                onClick={() => onWork(k.id)}
              >
                {k.name}
              </button>
            ))}
          </div>
        </div>
      )}
    </section>
  );
}

/** The same region in figures, for whoever does not draw it. */
function Corners({
  region,
  mode,
  onRegion,
}: {
  region: Region | null;
  mode: PictureMode;
  onRegion: (region: Region) => void;
}) {
  const units = useUnits();
  const start: Region =
    region && region.shape === mode ? region : { shape: mode as Region['shape'], xMm: 0, yMm: 0, toXMm: 0, toYMm: 0 };
  const field = (key: 'xMm' | 'yMm' | 'toXMm' | 'toYMm', name: string) => (
    <NumberField
      name={name}
      value={units.lengthShown(start[key])}
      unit={units.lengthUnit}
      onChange={(n) => n !== undefined && onRegion({ ...start, [key]: units.mmFrom(n) })}
    />
  );
  return (
    <details className="text-[0.9rem] mt-1">
      <summary className="cursor-pointer w-fit underline decoration-dotted underline-offset-2 text-quiet">
        {labels.inFigures}
      </summary>
      <div className="grid grid-cols-2 sm:grid-cols-4 gap-3 mt-2">
        {field('xMm', labels.fromLeft)}
        {field('yMm', labels.fromTop)}
        {field('toXMm', labels.toLeft)}
        {field('toYMm', labels.toTop)}
      </div>
    </details>
  );
}
