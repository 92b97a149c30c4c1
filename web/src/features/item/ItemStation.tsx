import { useState } from 'react';
import { useJob } from '../jobs/JobPage';
import { BeforeYouStart } from './BeforeYouStart';
import { Pieces } from './Pieces';

import { TheItem } from './TheItem';
import { TheLayers } from './TheLayers';
import { ThePress } from './ThePress';
import { TheWrapper } from './TheWrapper';

/** What is pressed, with what, and what the wrapper says. */
export function ItemStation() {
  const { draft, plan } = useJob();
  const [chosen, setChosen] = useState(0);
  const at = Math.min(chosen, draft.job.layers.length - 1);
  return (
    <div className="grid gap-9 max-w-[860px]">
      <TheItem />
      <Pieces />
      <BeforeYouStart plan={plan.data} />
      <TheLayers at={at} onChoose={setChosen} />
      <TheWrapper at={at} />
      <ThePress />
    </div>
  );
}
