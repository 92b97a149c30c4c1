import type { ReactNode } from 'react';

/** A key for gloves. */
export function BigKey({
  children,
  strong,
  onClick,
  disabled,
  submit,
}: {
  children: ReactNode;
  strong?: boolean;
  onClick?: () => void;
  disabled?: boolean;
  submit?: boolean;
}) {
  return (
    <button
      type={submit ? 'submit' : 'button'}
      disabled={disabled}
      onClick={onClick}
      className={`px-7 min-h-[4.4rem] text-[1.35rem] border-2 disabled:opacity-50 max-md:grow ${strong ? 'bg-ink text-paper border-ink font-bold max-md:min-w-full' : 'border-quiet hover:border-ink max-md:px-3 max-md:min-h-[3.4rem] max-md:text-[1.05rem]'}`}
    >
      {typeof children === 'string' ? <Named text={children} /> : children}
    </button>
  );
}

const KEY = ' — ';

/** A phone has no keys: there their names are left out. */
function Named({ text }: { text: string }) {
  const at = text.indexOf(KEY);
  if (at < 0) return text;
  return (
    <>
      <span className="max-md:hidden">{text.slice(0, at + KEY.length)}</span>
      <span className="max-md:inline-block max-md:first-letter:uppercase">{text.slice(at + KEY.length)}</span>
    </>
  );
}
