import { type KeyboardEvent, useState } from 'react';

interface Props {
  value: string;
  wide: boolean;
  placeholder: string;
  input: Record<string, unknown> & { onKeyDown: (e: KeyboardEvent<HTMLElement>) => void };
  onKeep: (said: string) => void;
}

/** Text that is taken when the cell is left, so that half a word is never kept. */
export function TextCell({ value, wide, placeholder, input, onKeep }: Props) {
  const [typed, setTyped] = useState<string | null>(null);
  return (
    <input
      {...input}
      className={`input input-sm min-w-0 ${wide ? 'w-[11rem]' : 'w-[5.2rem] tabular-nums'}`}
      maxLength={80}
      inputMode={wide ? 'text' : 'decimal'}
      autoComplete="off"
      placeholder={placeholder}
      value={typed ?? value}
      onChange={(e) => setTyped(e.target.value)}
      onBlur={() => {
        if (typed !== null && typed.trim() !== value) onKeep(typed);
        setTyped(null);
      }}
      onKeyDown={(e) => {
        if (e.key === 'Escape') setTyped(null);
        input.onKeyDown(e);
      }}
    />
  );
}
