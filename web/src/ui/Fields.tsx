import { type ReactNode, useEffect, useId, useState } from 'react';
import * as labels from './labels';

interface FieldProps {
  name: string;
  fault?: string | undefined;
  hint?: string;
  children: (id: string, describedBy: string | undefined) => ReactNode;
}

function Field({ name, fault, hint, children }: FieldProps) {
  const id = useId();
  const describedBy = fault || hint ? `${id}-says` : undefined;
  return (
    <div className="field">
      <label className="name" htmlFor={id}>
        {name}
      </label>
      {children(id, describedBy)}
      {(fault || hint) && (
        <span id={describedBy} className={fault ? 'fault' : 'block text-[0.84rem] text-quiet mt-1'}>
          {fault ?? hint}
        </span>
      )}
    </div>
  );
}

interface ChoiceProps {
  name: string;
  value: string;
  options: readonly { id: string; name: string }[];
  onPick: (id: string) => void;
  fault?: string | undefined;
  hint?: string;
}

export function ChoiceField({ name, value, options, onPick, fault, hint }: ChoiceProps) {
  return (
    <Field name={name} fault={fault} {...(hint ? { hint } : {})}>
      {(id, describedBy) => (
        <select
          id={id}
          className="select"
          value={value}
          aria-invalid={!!fault}
          aria-describedby={describedBy}
          onChange={(e) => onPick(e.target.value)}
        >
          {options.map((o) => (
            <option key={o.id} value={o.id}>
              {o.name}
            </option>
          ))}
        </select>
      )}
    </Field>
  );
}

interface NumberProps {
  name: string;
  /** As shown, in the reader's unit; undefined when empty. */
  value: number | undefined;
  unit: string;
  onChange: (shown: number | undefined) => void;
  fault?: string | undefined;
  placeholder?: string;
  hint?: string;
}

/** A number with its unit. Half-typed text stays on the screen and changes nothing until it is a number. */
export function NumberField({ name, value, unit, onChange, fault, placeholder, hint }: NumberProps) {
  const shown = value === undefined ? '' : String(value);
  const [text, setText] = useState(shown);
  const [dirty, setDirty] = useState(false);
  useEffect(() => {
    if (!dirty) setText(shown);
  }, [shown, dirty]);
  const parsed = text.trim() === '' ? undefined : Number(text.trim().replace(',', '.'));
  const unreadable = parsed !== undefined && !Number.isFinite(parsed);
  const says = unreadable ? labels.isANumberIsAccepted(name, text) : fault;
  return (
    <Field name={name} fault={says} {...(hint ? { hint } : {})}>
      {(id, describedBy) => (
        <span className="input flex items-center gap-2">
          <input
            id={id}
            inputMode="decimal"
            autoComplete="off"
            className="grow tabular-nums"
            value={text}
            placeholder={placeholder}
            data-dirty={dirty && text !== shown}
            aria-invalid={!!says}
            aria-describedby={describedBy}
            onChange={(e) => {
              setText(e.target.value);
              setDirty(true);
              const typed = e.target.value.trim().replace(',', '.');
              const number = typed === '' ? undefined : Number(typed);
              if (number === undefined || Number.isFinite(number)) onChange(number);
            }}
            onBlur={() => {
              if (!unreadable) setDirty(false);
            }}
          />
          <span className="text-quiet text-[0.9rem]">{unit}</span>
        </span>
      )}
    </Field>
  );
}
