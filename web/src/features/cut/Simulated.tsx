import type { Cut } from '../../api/client';
import { FORMATS } from './cutter';
import * as labels from './labels';
import type { Mat } from './words';

/** This one only shows what a cutter does; the own one takes the file. */
export function Simulated({ cut, mat }: { cut: Cut; mat?: Mat }) {
  const sheet = mat ? `?list=${encodeURIComponent(mat.listId)}&sheet=${mat.sheet}` : '';
  return (
    <p className="notice" data-testid="simulated-cutter">
      <strong>{labels.simulatedCutter}</strong>
      {labels.itShowsTheOrderThe(mat ? labels.thisMatAsAFile : labels.theSheetsAsFiles)}
      {FORMATS.filter((f) => mat || f !== 'hpgl').map((format, i) => (
        <span key={format}>
          {i > 0 && ', '}
          <a
            className="underline underline-offset-4 font-semibold"
            href={`/api/cuts/${cut.id}/file.${format}${sheet}`}
            download
          >
            {format.toUpperCase()}
          </a>
        </span>
      ))}
      {labels.tickTheMatsOffHere}
    </p>
  );
}
