import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { api, type Catalogue, got, type Schemas } from '../../api/client';
import { Failed } from '../../ui/States';
import * as labels from './labels';
import { type Mat, presetInWords } from './words';

const FINDINGS: { id: Schemas['TestCutFinding']; name: string }[] = [
  { id: 'clean', name: labels.cleanCarrierOnlyScratched },
  { id: 'too-shallow', name: labels.tooShallowItTears },
  { id: 'too-deep', name: labels.tooDeepCarrierCut },
  { id: 'ragged', name: labels.raggedCorners },
];

interface Props {
  cutId: string;
  mat: Mat;
  cutter: string;
  catalogue: Catalogue;
}

/** A test cut, looked at: what to change, one thing at a time. */
export function TestCutLadder({ cutId, mat, cutter, catalogue }: Props) {
  const queries = useQueryClient();
  const [tried, setTried] = useState(mat.preset);
  const look = useMutation({
    mutationFn: (finding: Schemas['TestCutFinding']) =>
      got(
        api.POST('/api/cut-presets/test', {
          body: {
            vinyl: mat.vinyl,
            cutter,
            blade: tried.blade,
            forceGrams: tried.forceGrams,
            passes: tried.passes,
            finding,
            cutId,
          },
        }),
      ),
    onSuccess: (advice) => {
      if (advice.preset) setTried(advice.preset);
      void queries.invalidateQueries({ queryKey: ['cut', cutId] });
    },
  });
  return (
    <details>
      <summary className="cursor-pointer">{labels.testCutWhatDoesIt}</summary>
      <p className="text-[0.92rem] mt-2">
        {labels.cutWithOnThe(presetInWords(tried))}
        {catalogue.cutters.find((c) => c.id === cutter)?.name.toLowerCase()}.
      </p>
      <div className="flex flex-wrap gap-2 my-2">
        {FINDINGS.map((f) => (
          <button key={f.id} type="button" className="btn btn-sm btn-outline" onClick={() => look.mutate(f.id)}>
            {f.name}
          </button>
        ))}
      </div>
      {look.isError && <Failed error={look.error} />}
      {look.data && (
        <p role="status" className="notice" data-testid="test-cut-advice">
          {look.data.advice}
        </p>
      )}
    </details>
  );
}
