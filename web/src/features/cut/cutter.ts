import type { Schemas } from '../../api/client';

/** What is done at the cutter. */
export type Action = Schemas['CutAction'];

/** What a cut can be saved as. */
export const FORMATS = ['svg', 'dxf', 'hpgl'] as const;
