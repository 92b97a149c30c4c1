import type { Schemas } from '../../api/client';

/** Where the artwork goes on the piece in hand, in its own size: the two figures that a hand needs. */
export function WhereItGoes({ place }: { place: Schemas['Placing'] }) {
  return (
    <p className="text-[1.4rem] md:text-[1.6rem] leading-[1.25] font-semibold" data-testid="place">
      {place.brief ?? place.text}
    </p>
  );
}
