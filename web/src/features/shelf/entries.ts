import type { Catalogue } from '../../api/client';
import type { OwnEntry } from '../../api/job';

/** What a form of the shelf is given. */
export interface FormProps {
  entry: OwnEntry;
  catalogue: Catalogue;
  faults: Map<string, string>;
  onChange: (entry: OwnEntry) => void;
}

export interface Fibre {
  material: string;
  percent?: number;
}

export interface OwnPressure {
  by: string;
  lightKg?: number;
  mediumKg?: number;
  firmKg?: number;
  even?: boolean;
}
