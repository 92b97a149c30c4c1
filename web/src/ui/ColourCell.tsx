import { type InputHTMLAttributes, useId, useState } from 'react';
import type { Catalogue } from '../api/client';
import * as labels from './labels';

interface Props {
  name: string;
  /** As #rrggbb; null for none of its own. */
  value: string | null | undefined;
  /** Colours that have a word. */
  known: Catalogue['colours'];
  onPick: (hex: string | null) => void;
  /** Stands where nothing is picked. */
  placeholder?: string;
  /** What else the field of text has. */
  input?: InputHTMLAttributes<HTMLInputElement>;
}

const HEX = /^#[0-9a-f]{6}$/;

/** A colour to type by its word, or to pick from a field of colours. */
export function ColourCell({ name, value, known, onPick, placeholder, input }: Props) {
  const words = useId();
  const [typed, setTyped] = useState<string | null>(null);
  const [fault, setFault] = useState(false);
  const word = value ? (known.find((k) => k.hex === value.toLowerCase())?.word ?? value) : '';
  const keep = () => {
    const said = typed?.trim().toLowerCase();
    if (said === undefined) return;
    const hex = HEX.test(said)
      ? said
      : known.find((k) => k.word === said || k.word === said.replace('grey', 'gray'))?.hex;
    if (said !== '' && !hex) {
      setFault(true);
      return;
    }
    if ((hex ?? null) !== (value ?? null)) onPick(hex ?? null);
    setTyped(null);
    setFault(false);
  };
  return (
    <>
      <span className="inline-flex items-center gap-1.5 w-full">
        <input
          type="color"
          tabIndex={-1}
          aria-label={labels.pickColour(name)}
          className={`swatch ${input ? 'w-7 h-7' : 'w-10 h-10'} ${value ? 'border-ink' : 'border-rule opacity-40'}`}
          value={value ?? '#ffffff'}
          onChange={(e) => onPick(e.target.value)}
        />
        <input
          {...input}
          list={words}
          className={`input min-w-0 grow ${input ? 'input-sm w-[6.2rem]' : ''}`}
          aria-label={name}
          aria-invalid={fault}
          title={fault ? labels.colourAccepted : undefined}
          placeholder={placeholder}
          value={typed ?? word}
          onChange={(e) => {
            setTyped(e.target.value);
            setFault(false);
          }}
          onBlur={keep}
          onKeyDown={(e) => {
            if (e.key === 'Enter') keep();
            if (e.key === 'Escape') setTyped(null);
            input?.onKeyDown?.(e);
          }}
        />
        <datalist id={words}>
          {known.map((k) => (
            <option key={k.hex} value={k.word} />
          ))}
        </datalist>
      </span>
      {fault && <span className="fault block text-[0.84rem]">{labels.colourAccepted}</span>}
    </>
  );
}
