import { useId, useRef, useState } from 'react';
import * as labels from './labels';

interface Props {
  busy: boolean;
  first: boolean;
  onBring: (svg: string, separation: 'seen' | 'stacked', replace: boolean) => void;
}

/** A drawing from a file: chosen, or dropped here. */
export function BringIn({ busy, first, onBring }: Props) {
  const [separation, setSeparation] = useState<'seen' | 'stacked'>('seen');
  const [replace, setReplace] = useState(true);
  const [over, setOver] = useState(false);
  const file = useRef<HTMLInputElement>(null);
  const id = useId();
  const take = async (chosen: File | undefined) => {
    if (chosen) onBring(await chosen.text(), separation, replace);
    if (file.current) file.current.value = '';
  };
  return (
    <section aria-label={labels.bringInADrawing} className="print:hidden">
      {/* biome-ignore lint/a11y/noStaticElementInteractions: dropping is an extra; the button does the same */}
      <div
        className={`border border-dashed p-4 ${over ? 'border-ink bg-sheet' : 'border-rule'}`}
        onDragOver={(e) => {
          e.preventDefault();
          setOver(true);
        }}
        onDragLeave={() => setOver(false)}
        onDrop={(e) => {
          e.preventDefault();
          setOver(false);
          void take(e.dataTransfer.files[0]);
        }}
      >
        <div className="flex flex-wrap items-center gap-x-5 gap-y-2">
          <label
            htmlFor={id}
            className={`btn ${first ? 'btn-primary' : 'btn-sm btn-outline'} ${busy ? 'btn-disabled' : ''}`}
          >
            {busy ? labels.workingItOut : first ? labels.bringInADrawing : labels.anotherDrawing}
          </label>
          <input
            ref={file}
            id={id}
            type="file"
            accept=".svg,image/svg+xml"
            className="sr-only"
            disabled={busy}
            onChange={(e) => void take(e.target.files?.[0])}
          />
          <span className="text-quiet text-[0.9rem]">{labels.anSvgFileChooseIt}</span>
        </div>
        <div className="flex flex-wrap gap-x-6 gap-y-1 mt-3 text-[0.95rem]">
          {(
            [
              ['seen', labels.eachColourCutOutOf],
              ['stacked', labels.lowerColoursRunOnBelow],
            ] as const
          ).map(([value, name]) => (
            <label key={value} className="flex items-center gap-2 min-h-8 cursor-pointer">
              <input
                type="radio"
                name={`${id}-separation`}
                className="radio radio-sm"
                checked={separation === value}
                onChange={() => setSeparation(value)}
              />
              {name}
            </label>
          ))}
          {!first && (
            <label className="flex items-center gap-2 min-h-8 cursor-pointer">
              <input
                type="checkbox"
                className="checkbox checkbox-sm"
                checked={!replace}
                onChange={(e) => setReplace(!e.target.checked)}
              />
              {labels.keepWhatIsThere}
            </label>
          )}
        </div>
      </div>
    </section>
  );
}
