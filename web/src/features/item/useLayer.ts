import { changed, type JobLayer, withLayer } from '../../api/job';
import { useJob } from '../jobs/JobPage';

/** A layer to be changed, with what the service says of it. */
export function useLayer(at: number) {
  const { draft, catalogue, faults } = useJob();
  const { job, edit } = draft;
  const layer = job.layers[at] ?? job.layers[0];
  return {
    layer,
    vinyl: catalogue.vinyls.find((v) => v.id === layer.vinyl),
    fault: (name: string) => faults.get(`/layers/${at}/${name}`),
    editLayer: (change: Partial<JobLayer>) =>
      edit((j) => withLayer(j, at, changed(j.layers[at] ?? j.layers[0], change))),
  };
}
