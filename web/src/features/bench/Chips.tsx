import * as labels from './labels';
import type { Piece } from './useRun';

/** The colours to look for: the garment's and the vinyl's. */
export function Chips({ piece, large = false }: { piece: Piece; large?: boolean }) {
  const chips = [
    { of: labels.garmentChip, chip: piece.garment },
    { of: piece.name ? labels.nameChip : labels.vinylChip, chip: piece.vinyl },
  ].filter((c) => c.chip !== null);
  if (chips.length === 0) return null;
  const side = large ? 40 : 14;
  return (
    <span
      className={`flex flex-wrap items-center ${large ? 'gap-x-6 gap-y-1' : 'flex-nowrap gap-1'}`}
      data-testid="chips"
    >
      {chips.map(({ of, chip }) => (
        <span key={of} className="flex items-center gap-2.5 leading-none" title={`${of}: ${chip?.word}`}>
          <svg aria-hidden="true" width={side} height={side}>
            <rect width={side} height={side} fill={chip?.colour} stroke="currentColor" strokeWidth={large ? 2 : 1} />
          </svg>
          {large ? (
            <span>
              <span className="block text-[0.95rem] opacity-75">{of}</span>
              <span className="text-[1.5rem]">{chip?.word}</span>
            </span>
          ) : (
            <span className="sr-only">
              {of} {chip?.word}
            </span>
          )}
        </span>
      ))}
    </span>
  );
}
