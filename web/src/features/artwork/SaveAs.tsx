import { useState } from 'react';
import { savedFirst } from '../jobs/savedLink';
import type { Draft } from '../jobs/useJobDraft';
import * as labels from './labels';

interface Props {
  jobId: string;
  face: 'front' | 'back';
  draft: Draft;
}

/** The artwork as a file for other programs, and a picture of what will be made for whoever ordered it. */
export function SaveAs({ jobId, face, draft }: Props) {
  const [copied, setCopied] = useState<boolean | null>(null);
  const proof = `/api/jobs/${jobId}/proof.png?face=${face}`;
  const copy = async () => {
    try {
      if (draft.state !== 'saved') await draft.flush();
      const picture = await (await fetch(proof)).blob();
      await navigator.clipboard.write([new ClipboardItem({ 'image/png': picture })]);
      setCopied(true);
    } catch {
      setCopied(false);
    }
  };
  return (
    <>
      <span className="flex gap-2">
        {labels.saveAs}
        {(['svg', 'dxf', 'pdf'] as const).map((format) => (
          <a
            key={format}
            className="link"
            href={`/api/jobs/${jobId}/artwork.${format}?face=${face}`}
            download
            onClick={savedFirst(draft)}
          >
            {format.toUpperCase()}
          </a>
        ))}
      </span>
      <span className="flex gap-2">
        {labels.proof}
        <a className="link" href={proof} download onClick={savedFirst(draft)}>
          {labels.saveProof}
        </a>
        <button type="button" className="link" onClick={copy}>
          {labels.copyProof}
        </button>
        <span aria-live="polite" className="text-quiet">
          {copied === true && labels.proofCopied}
          {copied === false && labels.proofNotCopied}
        </span>
      </span>
    </>
  );
}
