import { garmentsIn, type Piece } from '../../api/pieces';
import { SIZE_NAMES } from '../../ui/sizes';
import * as labels from './labels';

interface Props {
  pieces: readonly Piece[];
  /** Which is shown, from 0; null for the job as it was designed. */
  chosen: number | null;
  onChoose: (piece: number | null) => void;
}

/** Which piece of the run is shown: in its own size, with its own name. */
export function OnPiece({ pieces, chosen, onChoose }: Props) {
  return (
    <label className="flex items-center gap-2">
      <span className="text-quiet text-[0.9rem] whitespace-nowrap">{labels.shownOn}</span>
      <select
        className="select select-sm bg-sheet max-w-52"
        value={chosen ?? ''}
        onChange={(e) => onChoose(e.target.value === '' ? null : Number(e.target.value))}
      >
        <option value="">{labels.asDesigned}</option>
        {pieces.map((piece, i) => (
          // biome-ignore lint/suspicious/noArrayIndexKey: a piece is known by its place on the list
          <option key={i} value={i}>
            {named(piece, i)}
          </option>
        ))}
      </select>
    </label>
  );
}

function named(piece: Piece, index: number): string {
  const known = [piece.name, piece.size && (SIZE_NAMES[piece.size] ?? piece.size)].filter(Boolean);
  const count = garmentsIn([piece]);
  return `${known.length > 0 ? known.join(', ') : labels.piece(index + 1)}${count > 1 ? ` × ${count}` : ''}`;
}
