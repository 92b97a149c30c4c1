import { useCallback } from 'react';
import type { Schemas } from '../../api/client';
import { useKeys } from './keys';
import * as labels from './labels';

/** On which layer it is seen, where several vinyls lie on the piece: what it teaches is of that one. */
export function WhichLayer({
  layers,
  onPick,
}: {
  layers: readonly Schemas['LaidLayer'][];
  onPick: (layer: string | null) => void;
}) {
  useKeys(
    useCallback(
      (key) => {
        const at = Number(key);
        if (Number.isNaN(at) || at < 1 || at > layers.length) return false;
        onPick(layers[at - 1]?.id ?? null);
        return true;
      },
      [layers, onPick],
    ),
  );
  return (
    <fieldset className="grid gap-3 max-w-[40rem]" data-testid="which-layer">
      <legend className="text-[2rem] md:text-[2.5rem] leading-[1.15] font-bold mb-4">{labels.onWhichLayer}</legend>
      {layers.map((layer, i) => (
        <button
          key={layer.id}
          type="button"
          className="flex items-center gap-4 px-5 min-h-[4.4rem] text-left text-[1.25rem] border-2 border-quiet hover:border-ink"
          onClick={() => onPick(layer.id)}
        >
          {layer.colour && (
            <svg width="28" height="28" aria-hidden="true">
              <rect width="28" height="28" fill={layer.colour} stroke="currentColor" />
            </svg>
          )}
          <span className="grow">{layer.name}</span>
          <kbd className="text-[0.9rem] text-quiet">{i + 1}</kbd>
        </button>
      ))}
      <button
        type="button"
        className="px-5 min-h-[4.4rem] text-left text-[1.25rem] border-2 border-quiet hover:border-ink"
        onClick={() => onPick(null)}
      >
        {labels.cannotTell}
      </button>
    </fieldset>
  );
}
