import { useEffect, useState } from 'react';
import type { Schemas, TracePhase } from '../../api/client';
import { sheetColours } from '../../api/job';
import { useTrace, useWindow } from '../../api/queries';
import { time } from '../../app/unitMath';
import { useUnits } from '../../app/units';
import { bondWord } from '../../ui/bondWord';
import { Figures } from '../../ui/Figures';
import { HeatRibbon } from '../../ui/HeatRibbon';
import { bondingPress, goesOf, PURPOSE, type WholePress, wholePresses } from '../../ui/purposes';
import { Room, RoomKey } from '../../ui/Room';
import { isVinyl, Sandwich } from '../../ui/Sandwich';
import { Failed, Loading } from '../../ui/States';
import { facesAt, sampleAt } from '../../ui/trace';
import { useJob } from '../jobs/JobPage';
import { useMarks } from '../logbook/queries';
import { Goes } from './Goes';
import { Ladder } from './Ladder';
import { AsUsed, LearnedHere } from './LearnedHere';
import * as labels from './labels';
import { Order } from './Order';
import { Patches } from './Patches';
import { Ways } from './Ways';

/** The job at the press: over time, through the stack, and how much room there is; then each press with its reasons. */
export function PressStation() {
  const { id, draft, plan, catalogue } = useJob();
  const trace = useTrace(draft.job, id);
  const field = useWindow(draft.job, id);
  const marks = useMarks(
    [...new Set(draft.job.layers.map((l) => l.vinyl))].join(','),
    draft.job.blank.material,
    draft.job.tools.heatSource,
  );
  const [selected, setSelected] = useState<number | null>(null);
  if (trace.isPending || !plan.data) {
    if (trace.isError || plan.isError) return <p className="text-quiet">{labels.thePicturesComeBackWhen}</p>;
    return <Loading what={labels.theHeat} />;
  }
  if (trace.isError) return <Failed error={trace.error} />;
  const phases = trace.data.phases;
  const index =
    selected !== null && selected < phases.length ? selected : phases.findLastIndex((p) => p.kind === 'press');
  const phase = phases[index];
  const vinyl = catalogue.vinyls.find((v) => v.id === draft.job.layers[0].vinyl);
  const label = draft.job.layers[0].label;
  const chart = vinyl
    ? {
        celsius: (label?.celsius
          ? [label.celsius - 1, label.celsius + 1]
          : [vinyl.chartCelsius.low ?? 0, vinyl.chartCelsius.high ?? 0]) as [number, number],
        seconds: (label?.seconds
          ? [label.seconds - 0.5, label.seconds + 0.5]
          : [vinyl.chartSeconds.low ?? 0, vinyl.chartSeconds.high ?? 0]) as [number, number],
      }
    : null;
  const colours = sheetColours(draft.job);
  const bonding = bondingPress(plan.data.presses);
  return (
    <div className="grid gap-8">
      <AsUsed job={draft.job} onEdit={draft.edit} />
      <HeatRibbon phases={phases} selected={index} onSelect={setSelected} />
      <Goes job={draft.job} plan={plan.data} />
      <div className="grid xl:grid-cols-2 gap-x-10 gap-y-8 items-start">
        {phase && <Inside key={`${index}-${phase.seconds}`} phase={phase} colours={colours} />}
        <section aria-label={labels.howMuchRoom}>
          <h2 className="mb-2">
            {labels.howMuchRoom2}
            <span className="font-normal text-quiet text-[0.87rem]">
              {labels.secondsAtThePlate(bonding?.dialMark ? labels.atEachMark : labels.atEachTemperature)}
            </span>
          </h2>
          <Room plan={plan.data} field={field.data ?? null} chart={chart} marks={marks.data ?? []} />
          <RoomKey marks={marks.data ?? []} />
          {plan.data.certainty && (
            <p className="mt-2">
              {plan.data.certainty.perHundred} <span className="text-quiet">{plan.data.certainty.why}</span>
            </p>
          )}
          {plan.data.batch && <Batch batch={plan.data.batch} />}
          <p className="text-[0.87rem] text-quiet mt-1">
            {labels.inThePaleFieldIt}
            {plan.data.aloneSeconds != null &&
              bonding &&
              labels.theRingStandsWhereOne(time(plan.data.aloneSeconds), time(bonding.seconds))}
          </p>
        </section>
      </div>
      {bonding && <LearnedHere id={id} job={draft.job} press={bonding} />}
      <Order job={draft.job} plan={plan.data} onEdit={draft.edit} />
      {plan.data.ladder.length > 0 && <Ladder rungs={plan.data.ladder} />}
      <Patches id={id} job={draft.job} onEdit={draft.edit} />
      <Ways ways={plan.data.ways} onEdit={draft.edit} />
      <section aria-label={labels.pressesInOrder}>
        <details>
          <summary className="cursor-pointer w-fit font-semibold">
            {labels.eachPressAndWhy(wholePresses(plan.data.presses).length)}
          </summary>
          <div className="scored border-y border-rule mt-2">
            {wholePresses(plan.data.presses).map((w) => (
              <PressLine
                key={w.press.order}
                whole={w}
                onSelect={() => setSelected(phases.findIndex((f) => f.pressOrder === w.press.order))}
              />
            ))}
          </div>
        </details>
      </section>
    </div>
  );
}

/** The first piece of a run beside those that come when underlay and plate are warm. */
function Batch({ batch }: { batch: Schemas['PlanBatch'] }) {
  const units = useUnits();
  const row = (name: string, piece: Schemas['BatchPiece']) => (
    <tr>
      <th className="text-left font-normal pr-6">{name}</th>
      <td className="pr-6">{time(piece.seconds)}</td>
      <td className="pr-6">{units.temperature(piece.bareCelsius)}</td>
      <td>{piece.peelWaitSeconds === null ? '' : time(piece.peelWaitSeconds)}</td>
    </tr>
  );
  return (
    <>
      <table className="mt-4 tabular-nums text-[0.95rem]" data-testid="batch">
        <thead className="text-quiet text-[0.87rem]">
          <tr>
            <td />
            <th className="text-left font-normal pr-6">{labels.pressFor}</th>
            <th className="text-left font-normal pr-6">{labels.besideThePrint}</th>
            <th className="text-left font-normal">{labels.toThePeel}</th>
          </tr>
        </thead>
        <tbody>
          {row(labels.firstPiece, batch.first)}
          {row(labels.fromPieceOn(batch.fromPiece), batch.steady)}
        </tbody>
      </table>
      {(batch.helps ?? []).map((h) => (
        <p key={h.kind} className="mt-1.5">
          {h.text}
        </p>
      ))}
    </>
  );
}

/** The sandwich at a moment of the phase, with a slider through its time. */
function Inside({ phase, colours }: { phase: TracePhase; colours: Record<string, string> }) {
  const units = useUnits();
  const [at, setAt] = useState(phase.seconds);
  const [playing, setPlaying] = useState(false);
  useEffect(() => {
    if (!playing) return;
    let last = performance.now();
    let frame = requestAnimationFrame(function tick(now) {
      const step = (now - last) / 1000;
      last = now;
      setAt((t) => {
        const next = t + step * Math.max(1, phase.seconds / 12);
        if (next < phase.seconds) return next;
        setPlaying(false);
        return phase.seconds;
      });
      frame = requestAnimationFrame(tick);
    });
    return () => cancelAnimationFrame(frame);
  }, [playing, phase.seconds]);
  const i = sampleAt(phase, at);
  const vinylLies = phase.sheets.some((s) => isVinyl(s.id));
  return (
    <section aria-label={labels.theSandwich}>
      <h2 className="mb-2">
        {labels.theSandwich2}
        <span className="font-normal text-quiet text-[0.87rem]">
          {labels.thicknessExaggerated(phase.plateClosed ? labels.plateClosed : labels.plateOpen)}
        </span>
      </h2>
      <Sandwich
        sheets={phase.sheets}
        faces={facesAt(phase, at)}
        plate={phase.plateClosed ? (phase.plate[i] ?? null) : null}
        colours={colours}
      />
      <div className="flex items-center gap-3 mt-3">
        <button
          type="button"
          className="btn btn-sm btn-outline w-16"
          onClick={() => {
            if (!playing && at >= phase.seconds) setAt(0);
            setPlaying(!playing);
          }}
        >
          {playing ? labels.hold : labels.play}
        </button>
        <input
          type="range"
          className="range range-xs grow [--range-fill:0]"
          aria-label={labels.timeWithinThisPhaseSeconds}
          min={0}
          max={phase.seconds}
          step={phase.seconds > 60 ? 1 : 0.1}
          value={at}
          onChange={(e) => {
            setPlaying(false);
            setAt(Number(e.target.value));
          }}
        />
        <span className="tabular-nums w-28 text-right">{labels.ofS(at.toFixed(1), phase.seconds.toFixed(0))}</span>
      </div>
      <dl className="mt-3 grid grid-cols-3 gap-4 text-[0.95rem]">
        <Figure name={vinylLies ? labels.glueLine : labels.bareFace} value={units.temperature(phase.glue[i] ?? 0)} />
        <Figure name={labels.besideThePrint} value={units.temperature(phase.bareFace[i] ?? 0)} />
        {vinylLies ? (
          <Figure
            name={labels.howWellStuck}
            value={`${bondWord(phase.grades?.[i])} ${(phase.bond[i] ?? 0).toFixed(2)}`.trim()}
          />
        ) : (
          <Figure name={labels.moistureLeft} value={`${Math.round((phase.waterShare[i] ?? 0) * 100)} %`} />
        )}
      </dl>
    </section>
  );
}

function Figure({ name, value }: { name: string; value: string }) {
  return (
    <div className="border-t border-rule pt-1.5">
      <dt className="text-[0.84rem] text-quiet">{name}</dt>
      <dd className="font-semibold tabular-nums">{value}</dd>
    </div>
  );
}

function PressLine({ whole, onSelect }: { whole: WholePress; onSelect: () => void }) {
  const units = useUnits();
  const { press } = whole;
  const layers = whole.layers.length > 0 ? `: ${whole.layers.join(', ')}` : '';
  return (
    <div className="grid md:grid-cols-[10rem_minmax(0,1fr)] gap-x-6 gap-y-1 py-4">
      <div>
        <button
          type="button"
          className="text-left font-semibold hover:underline first-letter:uppercase"
          onClick={onSelect}
        >
          {PURPOSE[press.purpose]}
          {press.purpose !== 'preheat' && layers}
        </button>
        <p className="tabular-nums">
          {press.dialMark ?? units.temperature(press.celsius)} · {time(press.seconds)}
          {goesOf(whole) > 1 && labels.onEachOfParts(goesOf(whole))}
        </p>
      </div>
      <div className="grid gap-2.5">
        <ul className="grid gap-1 text-[0.95rem]">
          {press.why.map((line) => (
            <li key={line}>{line}</li>
          ))}
        </ul>
        <Figures figures={press.figures} />
      </div>
    </div>
  );
}
