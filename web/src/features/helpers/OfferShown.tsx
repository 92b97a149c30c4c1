import { useEffect, useState } from 'react';
import type { Schemas } from '../../api/client';
import * as labels from './labels';

export type Offer = Schemas['OfferAnswer'];

interface Props {
  offer: Offer;
  onWithdraw: () => void;
}

/** Six figures by which one device comes in, large enough to be read across a table, and what to compare. */
export function OfferShown({ offer, onWithdraw }: Props) {
  const left = useSecondsLeft(offer.expiresUtc);
  return (
    <div className="grid gap-4 justify-items-start">
      <p>
        {labels.typeThese(offer.name)} <strong className="font-mono break-all">{offer.address}</strong> {labels.andType}
      </p>
      <p className="numeral text-[3.4rem] leading-none tracking-[0.12em] font-bold">
        {offer.code.slice(0, 3)} {offer.code.slice(3)}
      </p>
      <p role="status">{left > 0 ? labels.countsFor(left) : labels.countsNoMore}</p>
      <div>
        <p className="mb-2">{labels.orPhotograph}</p>
        <img
          alt=""
          className="bg-white p-2 w-44 border border-rule"
          src={`data:image/svg+xml;base64,${btoa(offer.qrSvg)}`}
        />
      </div>
      <p className="max-w-[56ch]">
        {labels.compare} <span className="font-mono text-[0.85rem] break-all">{offer.fingerprint}</span>
      </p>
      <button type="button" className="link-quiet" onClick={onWithdraw}>
        {labels.takeBack}
      </button>
    </div>
  );
}

/** Whole seconds until a moment; never below 0. */
export function useSecondsLeft(untilUtc: string): number {
  const of = () => Math.max(0, Math.ceil((Date.parse(untilUtc) - Date.now()) / 1000));
  const [left, setLeft] = useState(of);
  // biome-ignore lint/correctness/useExhaustiveDependencies: the moment is all that it hangs on
  useEffect(() => {
    setLeft(of());
    const timer = setInterval(() => setLeft(of()), 500);
    return () => clearInterval(timer);
  }, [untilUtc]);
  return left;
}
