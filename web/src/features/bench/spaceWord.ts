import * as labels from './labels';
import type { Hand, Station } from './useRun';

/** What the large key does, in words. */
export function spaceWord(focus: Hand, station: Station): string {
  switch (focus.step.kind) {
    case 'hold':
      return 'opened early?';
    case 'wait':
      return 'go on now';
    default:
      if (!focus.closesNext) return 'done';
      if (!station.device) return labels.plateIsClosed;
      return station.device.hotEnough ? labels.closeThePlate : labels.notHotEnoughYet;
  }
}
