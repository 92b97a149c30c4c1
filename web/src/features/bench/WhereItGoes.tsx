import type { Schemas } from '../../api/client';
import { SIZE_NAMES } from '../../ui/sizes';
import type { Piece } from './useRun';

/** Where the artwork goes on the piece in hand, in its own size. */
export function WhereItGoes({ piece, place }: { piece: Piece; place: Schemas['Placing'] }) {
  const whose = [piece.name, place.size && (SIZE_NAMES[place.size] ?? place.size)].filter(Boolean).join(', ');
  return (
    <p className="text-[1.5rem] md:text-[1.9rem] leading-[1.25] mt-4 max-w-[30em]" data-testid="place">
      {whose && <span className="text-quiet">{whose}: </span>}
      {place.text}
    </p>
  );
}
