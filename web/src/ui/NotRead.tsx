import type { Schemas } from '../api/client';
import * as labels from './labels';

/** What of a list could not be read, line by line, and what was made of it. */
export function NotRead({ read }: { read: Schemas['NamesRead'] | undefined }) {
  if (!read || read.notRead.length === 0) return null;
  return (
    <div className="notice caution mt-3" data-testid="not-read">
      <p>
        <strong>{read.names.length > 0 ? labels.rowsRead(read.names.length) : labels.nothingRead}</strong>{' '}
        {labels.toCheck(read.notRead.length)}
      </p>
      <ul className="mt-1">
        {read.notRead.map((n) => (
          <li key={`${n.line}-${n.text}-${n.says}`}>
            {labels.line(n.line)}
            {n.name && `, ${n.name}`}: {n.text && `“${n.text}”. `}
            {n.says}
          </li>
        ))}
      </ul>
    </div>
  );
}
