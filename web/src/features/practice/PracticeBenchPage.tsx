import { useState } from 'react';
import { Link, useParams } from 'react-router';
import { time } from '../../app/unitMath';
import { useUnits } from '../../app/units';
import { Failed, Loading } from '../../ui/States';
import { Controls } from './Controls';
import * as labels from './labels';
import { laidOnTop, Piece } from './Piece';
import { Result } from './Result';
import { Shelf } from './Shelf';
import { saysOf } from './says';
import { Table } from './Table';
import { type Case, fileOf, type Seen, useBench, useCase } from './usePractice';

/** A practice bench: something to press, a press that nobody vouches for, and what can be seen of what came of it. */
export function PracticeBenchPage() {
  const { id = '' } = useParams();
  const met = useCase(id);
  if (met.isPending) return <Loading what={labels.theBench} />;
  if (met.isError) return <Failed error={met.error} retry={() => met.refetch()} />;
  return <Bench key={id} met={met.data} />;
}

function Bench({ met }: { met: Case }) {
  const bench = useBench(met.id);
  const [closed, setClosed] = useState(false);
  const seen = bench.seen.data ?? met.seen;
  const make = bench.make;
  const save = () => {
    const link = document.createElement('a');
    link.href = URL.createObjectURL(
      new Blob([JSON.stringify(fileOf(met.id, bench.moves), null, 2)], { type: 'application/json' }),
    );
    link.download = `${met.id}.practice.json`;
    link.click();
    URL.revokeObjectURL(link.href);
  };
  return (
    <main className="w-full max-w-[1240px] mx-auto px-4 sm:px-6 pt-6 pb-24 grid grid-cols-[minmax(0,1fr)] gap-6">
      <div className="flex flex-wrap items-baseline gap-x-6 gap-y-1">
        <h1 className="text-[1.65rem] font-bold">{met.title}</h1>
        <Link to="/practice" className="link-quiet">
          {labels.back}
        </Link>
        <button type="button" className="link-quiet" onClick={bench.again}>
          {labels.startAgain}
        </button>
        <button type="button" className="link-quiet" onClick={save}>
          {labels.saveFile}
        </button>
      </div>
      <p className="max-w-[72ch] -mt-3">{met.story}</p>
      <div className="grid gap-8 lg:grid-cols-[minmax(0,5fr)_minmax(0,6fr)]">
        <div>
          <Plate closed={closed} seen={seen} met={met} />
          <Piece met={met} seen={seen} />
          <What met={met} seen={seen} />
        </div>
        <div className="grid gap-6 content-start">
          <div>
            <h2 className="font-semibold">{met.press.name}</h2>
            <p className="numeral text-quiet">{labels.clock(time(seen.seconds))}</p>
          </div>
          <Controls met={met} seen={seen} busy={bench.judging} onMove={make} onClosed={setClosed} />
          {bench.refused && (
            <p role="alert" className="fault">
              {bench.refused.message}
            </p>
          )}
          <Shelf met={met} seen={seen} onMove={make} />
          <Table met={met} seen={seen} onMove={make} />
          <Wrapper met={met} />
        </div>
      </div>
      {bench.judged && <Result met={met} judged={bench.judged} moves={bench.moves} />}
    </main>
  );
}

/** The plate from the side: up, or down on the piece, with what its dial shows. */
function Plate({ closed, seen, met }: { closed: boolean; seen: Seen; met: Case }) {
  const units = useUnits();
  const mark = met.press.marks.find((m) => m.celsius === seen.dialCelsius);
  return (
    <svg viewBox="0 0 340 54" className="w-full max-h-[7vh]" aria-hidden="true">
      <g transform={`translate(0 ${closed ? 22 : 0})`} style={{ transition: 'transform 0.2s' }}>
        <rect x="40" y="6" width="260" height="20" fill="var(--color-ink)" />
        <text x="170" y="21" textAnchor="middle" fontSize="14" fill="var(--color-paper)">
          {mark?.mark ?? units.temperature(seen.dialCelsius)}
        </text>
      </g>
      <path d="M40 50H300" stroke="var(--color-ink)" strokeWidth="2" />
    </svg>
  );
}

/** What can be seen and felt, in words. */
function What({ met, seen }: { met: Case; seen: Seen }) {
  const laid = seen.parts.some((p) => p.laid.length > 0);
  const bare = laid && !seen.carrierOn && laidOnTop(met, seen).length > 0;
  const lines = [
    !laid && labels.nothingLaid,
    seen.carrierOn && labels.carrierOn,
    !seen.faceUp && labels.backUp,
    seen.seconds > 0 && labels.touch[seen.touch],
    ...saysOf(seen, bare && met.kind === 'cloth'),
  ].filter(Boolean);
  return (
    <p aria-live="polite" className="text-[1.1rem] mt-2">
      {lines.join(' ')}
    </p>
  );
}

function Wrapper({ met }: { met: Case }) {
  const units = useUnits();
  const rolls = met.shelf.length > 0 ? met.shelf : met.layers.map((l) => l.roll);
  return (
    <section aria-label={labels.wrapper} className="text-[0.97rem]">
      <h3 className="text-quiet text-[0.95rem] mb-1">{labels.wrapper}</h3>
      <ul>
        {[...new Map(rolls.map((r) => [r.id, r])).values()].map(({ id, name, wrapper }) => (
          <li key={id}>
            <strong className="font-semibold">{name}:</strong>{' '}
            {wrapper
              ? labels.wrapperLine(
                  `${Math.round(units.degrees(wrapper.celsius.low))}–${units.temperature(wrapper.celsius.high)}`,
                  `${wrapper.seconds.low}–${wrapper.seconds.high} s`,
                  (labels.pressures[wrapper.pressure] ?? wrapper.pressure).toLowerCase(),
                  wrapper.peel,
                )
              : labels.noWrapper}
          </li>
        ))}
      </ul>
      <p className="text-quiet mt-1">{met.material ? `${met.item}, ${met.material.toLowerCase()}` : met.item}</p>
    </section>
  );
}
