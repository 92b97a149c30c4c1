import { useState } from 'react';
import { useParams } from 'react-router';
import type { Run } from '../../api/client';
import { Failed, Loading } from '../../ui/States';
import { Join, Press } from './CrewPresses';
import { Row, Wanted } from './CrewRow';
import * as labels from './labels';
import { PracticeMark } from './PracticeMark';
import { useRun, useSay } from './useRun';

/** A run as a whole: every piece, every press, and what changes on the way. */
export function CrewPage() {
  const { id = '' } = useParams();
  const heard = useRun(id);
  if (heard.isPending) return <Loading what={labels.theRun} />;
  if (!heard.data) return <Failed error={heard.error} retry={() => heard.refetch()} />;
  return <Crew run={heard.data.run} />;
}

function Crew({ run }: { run: Run }) {
  const { say, refusal } = useSay(run, 1, null);
  const running = run.status === 'running';
  const done = run.pieces.filter((p) => p.status === 'done').length;
  const wanted = run.pieces.filter((p) => p.status !== 'ruined').length;
  return (
    <main className="w-full max-w-[1240px] mx-auto px-4 sm:px-6 pt-7 pb-16" data-testid="crew">
      <div className="flex flex-wrap items-baseline gap-4 mb-4">
        <h1 className="text-[1.65rem] font-bold">{run.title || labels.untitled}</h1>
        {run.practice && <PracticeMark />}
        <p className="text-quiet">
          {labels.ofDone2(done, wanted, running ? '' : run.status === 'ended' ? labels.ended : '')}
        </p>
        {running && (
          <button
            type="button"
            className="btn btn-sm btn-ghost ml-auto"
            onClick={() => say({ action: 'end-run', piece: 0 })}
          >
            {labels.endTheRunHere}
          </button>
        )}
      </div>
      {refusal && (
        <p role="alert" className="notice stop mb-4">
          {refusal.text}
        </p>
      )}
      <div className="grid lg:grid-cols-[minmax(0,1fr)_340px] gap-x-12 gap-y-8 items-start">
        <div>
          <table className="w-full border-y border-rule">
            <thead className="text-left text-[0.87rem] text-quiet">
              <tr>
                <th className="py-2 font-medium w-[3rem]">{labels.no}</th>
                <th className="font-medium">{labels.whose}</th>
                <th className="font-medium w-[7rem]">{labels.size}</th>
                <th className="font-medium">{labels.whereItStands}</th>
                <th className="w-[11rem]">
                  <span className="sr-only">{labels.whatToDo}</span>
                </th>
              </tr>
            </thead>
            <tbody>
              {run.pieces.map((p) => (
                <Row key={p.number} run={run} piece={p} />
              ))}
            </tbody>
          </table>
          {running && <AddPiece run={run} />}
        </div>
        <aside aria-label={labels.presses}>
          <h2 className="text-[1.2rem] mb-2">{labels.presses}</h2>
          <ul className="border-t border-rule">
            {run.stations.map((s) => (
              <Press key={s.number} run={run} station={s} />
            ))}
          </ul>
          {running && <Join run={run} />}
        </aside>
      </div>
    </main>
  );
}

function AddPiece({ run }: { run: Run }) {
  const { say, refusal } = useSay(run, 1, null);
  const [adding, setAdding] = useState(false);
  return (
    <div className="mt-3 -ml-3">
      {adding ? (
        <Wanted
          run={run}
          name=""
          size=""
          word="Add it"
          onClose={() => setAdding(false)}
          onKeep={(name, size) => {
            say({ action: 'add', piece: 0, wanted: { name, size: size || null, colour: null } });
            setAdding(false);
          }}
        />
      ) : (
        <button type="button" className="btn btn-sm btn-ghost" onClick={() => setAdding(true)}>
          {labels.onePieceMore}
        </button>
      )}
      {refusal && (
        <p role="alert" className="text-[0.9rem] font-semibold">
          {refusal.text}
        </p>
      )}
    </div>
  );
}
