import { Chips } from './Chips';
import * as labels from './labels';
import { type Piece, sizeWord, whose } from './useRun';

/** Whose piece it is, large enough to be read across the room. */
export function Whose({ piece, of, fresh = false }: { piece: Piece; of: number; fresh?: boolean }) {
  const alone = of === 1 && !piece.name;
  if (alone) return null;
  return (
    <p
      className={`flex flex-wrap items-center gap-x-6 gap-y-1 mt-4 -mx-3 px-3 py-1 ${fresh ? 'bg-ink text-paper' : ''}`}
      data-testid="whose"
    >
      <strong className="text-[3.4rem] md:text-[4.4rem] leading-none font-bold">{whose(piece)}</strong>
      {piece.size && <span className="text-[2.2rem] leading-none font-semibold">{sizeWord(piece.size)}</span>}
      <Chips piece={piece} large />
      <span className={`text-[1.25rem] ${fresh ? '' : 'text-quiet'}`}>
        {piece.insteadOf ? labels.insteadOfPiece(piece.insteadOf) : `${piece.number} of ${of}`}
      </span>
    </p>
  );
}
