import { Dialog } from '../../ui/Dialog';
import { BigKey } from './BigKey';

export function Question({
  says,
  yes,
  no,
  onYes,
  onNo,
}: {
  says: string;
  yes: string;
  no: string;
  onYes: () => void;
  onNo: () => void;
}) {
  return (
    <Dialog says={says} onNo={onNo}>
      <strong className="text-[1.5rem]">{says}</strong>
      <BigKey strong onClick={onYes}>
        {yes}
      </BigKey>
      <BigKey onClick={onNo}>{no}</BigKey>
    </Dialog>
  );
}
