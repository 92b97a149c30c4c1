import { type ReactNode, useEffect, useRef } from 'react';

/** A question over the page. The focus goes into it, and back to where it was; Escape says no. */
export function Dialog({ says, onNo, children }: { says: string; onNo: () => void; children: ReactNode }) {
  const box = useRef<HTMLDialogElement>(null);
  useEffect(() => {
    const dialog = box.current;
    dialog?.showModal();
    // Itself, not its first button: a key that was meant for the page does not answer.
    dialog?.focus();
    return () => dialog?.close();
  }, []);
  return (
    <dialog
      ref={box}
      role="alertdialog"
      aria-label={says}
      tabIndex={-1}
      className="ask"
      onCancel={(e) => {
        e.preventDefault();
        onNo();
      }}
    >
      {children}
    </dialog>
  );
}
