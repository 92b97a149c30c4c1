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
      className={`px-7 min-h-[4.4rem] text-[1.35rem] border-2 disabled:opacity-50 ${strong ? 'bg-ink text-paper border-ink font-bold' : 'border-quiet hover:border-ink'}`}
    >
      {children}
    </button>
  );
}
