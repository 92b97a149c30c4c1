import { useEffect, useState } from 'react';
import { useAlarm } from '../../ui/senses';
import { BigKey } from '../bench/BigKey';
import { Numeral } from '../bench/Numeral';
import * as labels from './labels';

const key = (name: string) => `juxtherm.patch.${name}`;

/** A patch lies under the plate, or lay there when the page was left. */
export const underPlate = (name: string) => sessionStorage.getItem(key(name)) !== null;

/** The clock of a patch under the plate: begun by hand, heard when it is over, and none the wiser for a reload. */
export function PatchClock({ name, seconds, onOpen }: { name: string; seconds: number; onOpen: () => void }) {
  const [from, setFrom] = useState(() => Number(sessionStorage.getItem(key(name))) || null);
  const [now, setNow] = useState(() => Date.now());
  const left = from === null ? seconds : Math.max(0, seconds - (now - from) / 1000);
  const running = from !== null && left > 0;
  useEffect(() => {
    if (!running) return;
    const timer = window.setInterval(() => setNow(Date.now()), 100);
    return () => window.clearInterval(timer);
  }, [running]);
  const { unlock } = useAlarm(running ? name : null);
  const close = () => {
    unlock();
    const at = Date.now();
    sessionStorage.setItem(key(name), String(at));
    setNow(at);
    setFrom(at);
  };
  const open = () => {
    sessionStorage.removeItem(key(name));
    onOpen();
  };
  return (
    <>
      <Numeral
        seconds={left}
        hot={from !== null}
        label={from !== null && !running ? labels.openItNow : `${Math.ceil(left)} s`}
        testId="patch-clock"
      />
      <div className="mt-6">
        <BigKey strong onClick={from === null ? close : open}>
          {from === null ? labels.iCloseIt : running ? labels.itIsOpen : labels.openItNow}
        </BigKey>
      </div>
    </>
  );
}
