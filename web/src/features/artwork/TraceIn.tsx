import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { useDeferredValue, useEffect, useId, useState } from 'react';
import { type Schemas, sent } from '../../api/client';
import { useUnits } from '../../app/units';
import { NumberField } from '../../ui/Fields';
import { Failed } from '../../ui/States';
import * as labels from './labels';

interface Props {
  busy: boolean;
  /** Nothing is drawn yet. */
  first: boolean;
  onBring: (svg: string, separation: 'seen' | 'stacked', replace: boolean) => void;
}

interface Wishes {
  widthMm: number;
  colours: number;
  threshold: number | undefined;
  speckMm: number;
  smoothing: number;
  holes: boolean;
  light: boolean;
}

const USUAL: Wishes = {
  widthMm: 150,
  colours: 1,
  threshold: undefined,
  speckMm: 1,
  smoothing: 0.4,
  holes: true,
  light: false,
};

/** A picture of pixels: chosen, dropped or pasted, and turned into outlines that can be seen beside it before they are taken. */
export function TraceIn({ busy, first, onBring }: Props) {
  const units = useUnits();
  const id = useId();
  const [picture, setPicture] = useState<File | null>(null);
  const [wishes, setWishes] = useState(USUAL);
  const [replace, setReplace] = useState(true);
  const [over, setOver] = useState(false);
  const asked = useDeferredValue(wishes);
  const [url, setUrl] = useState<string | null>(null);
  const take = (files: Iterable<File>) => {
    const found = [...files].find((f) => f.type.startsWith('image/') && f.type !== 'image/svg+xml');
    if (!found) return false;
    setPicture(found);
    setWishes(USUAL);
    const reader = new FileReader();
    reader.onload = () => setUrl(String(reader.result));
    reader.readAsDataURL(found);
    return true;
  };
  // A picture that was copied elsewhere is pasted anywhere on the page but into a field.
  useEffect(() => {
    const onPaste = (e: ClipboardEvent) => {
      if (e.target instanceof HTMLInputElement || e.target instanceof HTMLTextAreaElement) return;
      if (take(e.clipboardData?.files ?? [])) e.preventDefault();
    };
    window.addEventListener('paste', onPaste);
    return () => window.removeEventListener('paste', onPaste);
  });
  const traced = useQuery({
    queryKey: ['traced', picture?.name, picture?.size, picture?.lastModified, asked, units.system],
    queryFn: () =>
      sent<Schemas['TracedPicture']>(`/api/artwork/picture?${question(asked, units.system)}`, picture as File),
    enabled: picture !== null,
    placeholderData: keepPreviousData,
    retry: false,
  });
  const set = (change: Partial<Wishes>) => setWishes((w) => ({ ...w, ...change }));
  const answer = traced.data;
  return (
    <section aria-label={labels.pictureTrace} className="print:hidden">
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
          take(e.dataTransfer.files);
        }}
      >
        <div className="flex flex-wrap items-center gap-x-5 gap-y-2">
          <label htmlFor={id} className="btn btn-sm btn-outline">
            {picture ? labels.anotherPicture : labels.importPicture}
          </label>
          <input
            id={id}
            type="file"
            accept="image/png,image/jpeg,image/webp,image/gif"
            className="sr-only"
            onChange={(e) => {
              take(e.target.files ?? []);
              e.target.value = '';
            }}
          />
          <span className="text-quiet text-[0.9rem]">{labels.pictureHint}</span>
        </div>
        {picture && url && (
          <div className="grid gap-4 mt-4" data-testid="traced" aria-busy={traced.isFetching}>
            <div className="grid sm:grid-cols-2 gap-4">
              <figure>
                <img
                  src={url}
                  alt={labels.thePicture}
                  className="w-full h-64 object-contain bg-white border border-rule"
                />
                <figcaption className="text-[0.87rem] text-quiet mt-1">{labels.thePicture}</figcaption>
              </figure>
              <figure>
                {answer && !traced.isError ? (
                  <img
                    src={`data:image/svg+xml;charset=utf-8,${encodeURIComponent(answer.svg)}`}
                    alt={labels.theOutline}
                    className="w-full h-64 object-contain bg-white border border-rule"
                  />
                ) : (
                  <div className="w-full h-64 border border-rule" />
                )}
                <figcaption className="text-[0.87rem] text-quiet mt-1" aria-live="polite">
                  {answer && !traced.isError
                    ? labels.tracedSo(answer.shapes, answer.specks, answer.colours.length)
                    : traced.isError
                      ? ''
                      : labels.tracing}
                </figcaption>
              </figure>
            </div>
            {traced.isError && <Failed error={traced.error} />}
            {!traced.isError &&
              answer?.advice.map((line) => (
                <p key={line} className="notice caution">
                  {line}
                </p>
              ))}
            <div className="grid sm:grid-cols-3 gap-x-5 gap-y-3 items-end">
              <NumberField
                name={labels.pictureWidth}
                value={units.lengthShown(wishes.widthMm)}
                unit={units.lengthUnit}
                onChange={(n) => n && set({ widthMm: Math.min(1000, Math.max(5, units.mmFrom(n))) })}
              />
              <label className="field">
                <span className="name">{labels.pictureColours}</span>
                <select
                  className="select"
                  value={wishes.colours}
                  onChange={(e) => set({ colours: Number(e.target.value) })}
                >
                  {[1, 2, 3, 4, 5, 6].map((n) => (
                    <option key={n} value={n}>
                      {n}
                    </option>
                  ))}
                </select>
              </label>
              <NumberField
                name={labels.smallestSpeck}
                value={units.lengthShown(wishes.speckMm)}
                unit={units.lengthUnit}
                onChange={(n) => n !== undefined && set({ speckMm: Math.min(20, Math.max(0, units.mmFrom(n))) })}
              />
              {wishes.colours === 1 && (
                <Slider
                  name={labels.threshold}
                  value={1 - (wishes.threshold ?? answer?.threshold ?? 0.5)}
                  onChange={(lightest) => set({ threshold: 1 - lightest })}
                />
              )}
              <Slider name={labels.smoothing} value={wishes.smoothing} onChange={(smoothing) => set({ smoothing })} />
            </div>
            <div className="flex flex-wrap gap-x-6 gap-y-1">
              <Tick name={labels.keepWhiteInside} on={wishes.holes} onChange={(holes) => set({ holes })} />
              {wishes.colours === 1 && (
                <Tick
                  name={labels.cutTheLight}
                  on={wishes.light}
                  onChange={(light) => set({ light, threshold: undefined })}
                />
              )}
              {!first && <Tick name={labels.keepWhatIsThere} on={!replace} onChange={(keep) => setReplace(!keep)} />}
            </div>
            <div className="flex gap-3">
              <button
                type="button"
                className="btn btn-primary"
                disabled={busy || !answer || traced.isError || traced.isFetching}
                onClick={() => {
                  if (answer) onBring(answer.svg, 'seen', replace);
                  setPicture(null);
                }}
              >
                {labels.useOutline}
              </button>
              <button type="button" className="btn btn-ghost" onClick={() => setPicture(null)}>
                {labels.cancel}
              </button>
            </div>
          </div>
        )}
      </div>
    </section>
  );
}

/** What is asked of the tracing, as an address says it. */
function question(wishes: Wishes, units: string): string {
  const { speckMm, ...others } = wishes;
  const said = Object.entries({ ...others, speckMm2: speckMm * speckMm, units }).filter(
    ([, value]) => value !== undefined,
  );
  return new URLSearchParams(said.map(([name, value]) => [name, String(value)])).toString();
}

function Slider({ name, value, onChange }: { name: string; value: number; onChange: (value: number) => void }) {
  return (
    <label className="field">
      <span className="name">{name}</span>
      <input
        type="range"
        className="range range-sm w-full"
        min={0}
        max={1}
        step={0.02}
        value={value}
        onChange={(e) => onChange(Number(e.target.value))}
      />
    </label>
  );
}

function Tick({ name, on, onChange }: { name: string; on: boolean; onChange: (on: boolean) => void }) {
  return (
    <label className="flex items-center gap-2 min-h-8 cursor-pointer">
      <input
        type="checkbox"
        className="checkbox checkbox-sm"
        checked={on}
        onChange={(e) => onChange(e.target.checked)}
      />
      {name}
    </label>
  );
}
