import type { ReactNode } from 'react';
import * as labels from './labels';

export function Loading({ what }: { what: string }) {
  return (
    <p role="status" className="p-6 text-quiet">
      {labels.fetching(what)}
    </p>
  );
}

export function Failed({ error, retry }: { error: unknown; retry?: () => void }) {
  return (
    <div role="alert" className="notice stop m-6">
      <p>{error instanceof Error ? error.message : labels.theServiceCannotBeReached}</p>
      {retry && (
        <button type="button" className="btn btn-sm btn-outline mt-2" onClick={retry}>
          {labels.tryAgain}
        </button>
      )}
    </div>
  );
}

/** A line at the foot of the window that says what just happened and takes it back. */
export function UndoBar({
  children,
  action,
  onAction,
  onClose,
}: {
  children: ReactNode;
  action: string;
  onAction: () => void;
  onClose: () => void;
}) {
  return (
    <div
      role="status"
      className="fixed bottom-5 left-1/2 -translate-x-1/2 z-20 bg-ink text-paper px-5 py-3 flex items-center gap-5 rounded-[2px]"
    >
      <span>{children}</span>
      <button type="button" className="font-bold underline underline-offset-4" onClick={onAction}>
        {action}
      </button>
      <button type="button" aria-label={labels.close} className="px-1" onClick={onClose}>
        ×
      </button>
    </div>
  );
}
