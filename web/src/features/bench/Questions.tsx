import { useUnits } from '../../app/units';
import * as labels from './labels';
import { Question } from './Question';
import type { Command, Station } from './useRun';
import type { WiredPress } from './WiredPress';

interface Props {
  asking: 'early' | 'warm' | 'cold';
  station: Station;
  onCalm: () => void;
  onClose: () => void;
  onSay: (command: Command) => void;
  onPress: Parameters<typeof WiredPress>[0]['onPress'];
}

/** What is asked before something is done that cannot be undone. */
export function Questions({ asking, station, onCalm, onClose, onSay, onPress }: Props) {
  const units = useUnits();
  const device = station.device;
  const no = () => {
    onClose();
    onCalm();
  };
  if (asking === 'early')
    return (
      <Question
        says={labels.openedEarly}
        yes={labels.pYesItIsOpen}
        no={labels.escNoStillClosed}
        onNo={onClose}
        onYes={() => onSay({ action: 'opened-early' })}
      />
    );
  if (asking === 'warm')
    return (
      <Question
        says={labels.itIsStillTooWarm}
        yes={labels.pPeelNow}
        no="Esc — wait"
        onNo={no}
        onYes={() => onSay({ action: 'done', knowingly: true })}
      />
    );
  if (!device) return null;
  return (
    <Question
      says={labels.notHotEnoughYetOf(
        units.temperature(device.status.middleCelsius),
        units.temperature(device.plannedCelsius),
      )}
      yes={labels.closeItAllTheSame}
      no="Esc — wait"
      onNo={no}
      onYes={() => onPress({ action: 'close-and-open' })}
    />
  );
}
