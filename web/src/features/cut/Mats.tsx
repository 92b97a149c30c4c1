import type { Cut } from '../../api/client';
import { time } from '../../app/unitMath';
import { useUnits } from '../../app/units';
import * as labels from './labels';
import type { Mat } from './words';

export const STATUS: Record<Mat['status'], string> = {
  waiting: 'waits',
  loaded: 'loaded',
  cutting: labels.beingCut,
  stopped: 'stopped',
  cut: 'cut',
  unloaded: 'out',
};

export function Mats({ cut }: { cut: Cut }) {
  const units = useUnits();
  return (
    <table className="w-full text-[0.95rem] tabular-nums" aria-label={labels.mats}>
      <thead>
        <tr className="border-b border-ink text-left text-quiet">
          <th className="font-normal py-1">{labels.mat}</th>
          <th className="font-normal">{labels.vinyl}</th>
          <th className="font-normal">{labels.length}</th>
          <th className="font-normal">{labels.pieces}</th>
          <th className="font-normal">{labels.estimated}</th>
          <th className="font-normal">{labels.took}</th>
          <th className="font-normal">{labels.isWord}</th>
        </tr>
      </thead>
      <tbody>
        {cut.mats.map((m) => (
          <tr
            key={m.number}
            className={`border-b border-rule ${m.number === cut.current ? 'font-semibold' : ''}`}
            data-mat={m.number}
            data-status={m.status}
          >
            <td className="py-1">{m.number}</td>
            <td>
              <span
                className="inline-block w-3.5 h-3.5 mr-2 border border-ink align-middle"
                style={{ background: m.colour ?? 'transparent' }}
              />
              {m.name}
            </td>
            <td>{units.bought(m.lengthMm)}</td>
            <td>{m.units.length}</td>
            <td>{time(m.estimatedSeconds)}</td>
            <td>{m.measuredSeconds == null ? '' : time(m.measuredSeconds)}</td>
            <td>{STATUS[m.status]}</td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}
