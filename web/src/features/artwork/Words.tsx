import { useState } from 'react';
import type { Schemas } from '../../api/client';
import { type Job, layerId } from '../../api/job';
import { useUnits } from '../../app/units';
import { ChoiceField, NumberField } from '../../ui/Fields';
import { NEW_WORD, type Word } from './desk';
import * as labels from './labels';
import { OwnFont } from './OwnFont';

interface Props {
  job: Job;
  fonts: readonly Schemas['LetterFont'][];
  busy: boolean;
  onSet: (layer: string | undefined, word: Word) => void;
  /** Keeps what is said of the words without setting them again. */
  onMark: (layer: string, word: Word) => void;
}

/** Words to cut: typed, in one of the fonts that ship, spaced and bent as wanted. */
export function Words({ job, fonts, busy, onSet, onMark }: Props) {
  const units = useUnits();
  const [fresh, setFresh] = useState<Word>(NEW_WORD);
  const set = job.layers.flatMap((l, i) => (l.word ? [{ id: layerId(job, i), word: l.word as Word }] : []));
  const [open, setOpen] = useState<string | null>(null);
  const mine = set.find((s) => s.id === open) ?? null;
  const word = mine?.word ?? fresh;
  const change = (part: Partial<Word>) => {
    const next = { ...word, ...part };
    if (mine) {
      if (next.text.trim()) onSet(mine.id, next);
    } else setFresh(next);
  };
  const font = fonts.find((f) => f.id === (word.font ?? 'plain'));
  const missing = font ? '' : (word.fontName ?? word.font ?? '');
  const choices = font ? fonts : [...fonts, { id: word.font ?? '', name: labels.notHere(missing) }];
  return (
    <section aria-label={labels.words} className="print:hidden">
      <h2>
        {labels.words2}
        <span className="font-normal text-quiet text-[0.87rem]">
          {font && !font.isOwn && labels.typedHereInOneOf(font.from)}
        </span>
      </h2>
      {set.length > 0 && (
        <div className="flex flex-wrap gap-2 mt-2">
          {set.map((s) => (
            <button
              key={s.id}
              type="button"
              aria-pressed={open === s.id}
              className={`btn btn-sm ${open === s.id ? 'btn-primary' : 'btn-outline'}`}
              onClick={() => setOpen(open === s.id ? null : s.id)}
            >
              {s.id}: {s.word.text}
            </button>
          ))}
        </div>
      )}
      <form
        className="grid grid-cols-2 lg:grid-cols-6 gap-x-4 gap-y-3 mt-2 items-end"
        onSubmit={(e) => {
          e.preventDefault();
          if (!mine && fresh.text.trim()) {
            onSet(undefined, fresh);
            setFresh({ ...fresh, text: '' });
          }
        }}
      >
        <WordField
          key={mine?.id ?? 'new'}
          value={word.text}
          onChange={(text) => change({ text })}
          late={mine !== null}
        />
        <ChoiceField
          name={labels.font}
          value={word.font ?? 'plain'}
          options={choices}
          onPick={(id) => change({ font: id })}
        />
        <NumberField
          name={labels.heightOfCapitals}
          value={units.lengthShown(word.heightMm ?? 40)}
          unit={units.lengthUnit}
          onChange={(n) => n !== undefined && change({ heightMm: units.mmFrom(n) })}
        />
        <NumberField
          name={labels.gapBetweenLetters}
          value={units.lengthShown(word.gapMm ?? 0)}
          unit={units.lengthUnit}
          onChange={(n) => n !== undefined && change({ gapMm: units.mmFrom(n) })}
        />
        <NumberField
          name={labels.bend}
          value={word.arcDegrees ?? 0}
          unit="°"
          onChange={(n) => n !== undefined && change({ arcDegrees: n })}
        />
        {mine ? (
          <label className="flex items-center gap-2 h-10 col-span-full cursor-pointer">
            <input
              type="checkbox"
              className="checkbox checkbox-sm"
              checked={word.fromNames ?? false}
              onChange={(e) => onMark(mine.id, { ...word, fromNames: e.target.checked })}
            />
            {labels.anotherNameOnEachGarment}
          </label>
        ) : (
          <button type="submit" className="btn btn-outline h-10" disabled={busy || !fresh.text.trim()}>
            {labels.setTheWords}
          </button>
        )}
      </form>
      <OwnFont
        font={font}
        missing={missing}
        onAdded={(id) => change({ font: id, fontName: undefined })}
        onRemoved={() => {
          if (!mine) setFresh({ ...fresh, font: 'plain' });
        }}
      />
    </section>
  );
}

/** The text; what is set already follows once the typing pauses, so that no letter is sent alone. */
function WordField({ value, onChange, late }: { value: string; onChange: (text: string) => void; late: boolean }) {
  const [text, setText] = useState(value);
  const shown = late ? text : value;
  return (
    <label className="field col-span-2 lg:col-span-2">
      <span className="name">{labels.wordsToSet}</span>
      <input
        className="input"
        maxLength={80}
        value={shown}
        onChange={(e) => {
          setText(e.target.value);
          if (!late) onChange(e.target.value);
        }}
        onBlur={() => late && text.trim() && text !== value && onChange(text)}
        onKeyDown={(e) => {
          if (late && e.key === 'Enter') {
            e.preventDefault();
            if (text.trim() && text !== value) onChange(text);
          }
        }}
      />
    </label>
  );
}
