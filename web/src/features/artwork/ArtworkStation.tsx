import { keepPreviousData, useMutation, useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { flushSync } from 'react-dom';
import { api, got, type Notice, type Schemas, workedInBackground } from '../../api/client';
import { changed, type Job, layerId } from '../../api/job';
import { merged } from '../../api/merge';
import { type Piece, withPieces } from '../../api/pieces';
import { NoticeCard } from '../../ui/Notices';
import { Failed, Loading } from '../../ui/States';
import { useJob } from '../jobs/JobPage';
import { BringIn } from './BringIn';
import { type ChosenPieces, layerChanged, NEW_WORD, pieceTapped, spoken, type Word, weedingInWords } from './desk';
import { LayerTools } from './LayerTools';
import * as labels from './labels';
import { Names } from './Names';
import { PartTools } from './PartTools';
import { Picture } from './Picture';
import type { PictureMode, Region } from './parts';
import { SaveAs } from './SaveAs';
import { Swatches } from './Swatches';
import { TraceIn } from './TraceIn';
import { Words } from './Words';

// The service takes a job file as any JSON object; what may be in it is for its reader to say.
const asJson = (what: Job | Word) => what as unknown as Schemas['JsonObject'];

const asPieces = (pieces: ChosenPieces) => pieces as unknown as { [layer: string]: number[] };

const CLOTH = '#ece5d8';

const DOORS = [
  { id: 'door-drawing', word: labels.doorDrawing },
  { id: 'door-text', word: labels.doorText },
  { id: 'door-names', word: labels.doorNames },
  { id: 'door-picture', word: labels.doorPicture },
] as const;

/** Brings one of the ways to add artwork into sight, ready to type or choose. */
function openDoor(id: string) {
  const door = document.getElementById(id);
  door?.scrollIntoView({ behavior: 'smooth', block: 'center' });
  door?.querySelector<HTMLElement>('input, textarea, button, select')?.focus({ preventScroll: true });
}

interface Answer {
  job: unknown;
  notices: readonly Notice[];
}

/** What will be cut, in which vinyl, and whether it will weed. */
export function ArtworkStation() {
  const { id: jobId, draft, catalogue } = useJob();
  const { job, edit } = draft;
  const [ticked, setTicked] = useState<string[]>([]);
  const [said, setSaid] = useState<readonly Notice[]>([]);
  const [listing, setListing] = useState(false);
  const [mode, setMode] = useState<PictureMode>('layers');
  const [pieces, setPieces] = useState<ChosenPieces>({});
  const [region, setRegion] = useState<Region | null>(null);
  const [progress, setProgress] = useState<{ share: number; stop: AbortController } | null>(null);
  const [face, setFace] = useState<'front' | 'back'>((job.blank.face as 'front' | 'back' | undefined) ?? 'front');
  const look = useQuery({
    queryKey: ['look', job],
    queryFn: () => got(api.POST('/api/artwork/look', { body: job })),
    placeholderData: keepPreviousData,
    staleTime: 60_000,
  });
  const desk = useMutation({
    mutationFn: ({ request }: { request: () => Promise<Answer>; asked: Job }) => request(),
    onSuccess: (answer, { asked }) => {
      setSaid(answer.notices);
      setPieces({});
      setRegion(null);
      // What was changed while it was worked out stays.
      if (answer.job !== asked) edit((now) => merged(asked, answer.job as Job, now));
    },
  });
  const ask = (request: () => Promise<Answer>) => {
    setSaid([]);
    desk.mutate({ request, asked: job });
  };
  const ids = job.layers.map((_, i) => layerId(job, i));
  const chosen = ticked.filter((id) => ids.includes(id));
  const toggle = (id: string) => setTicked(chosen.includes(id) ? chosen.filter((c) => c !== id) : [...chosen, id]);
  const bring = (svg: string, separation: 'seen' | 'stacked', replace: boolean) => {
    const stop = new AbortController();
    ask(async () => {
      try {
        return await workedInBackground<Answer, Schemas['DrawingProgress']>(
          '/api/artwork/bring-in',
          { job, svg, separation, replace },
          ({ share }) => setProgress({ share, stop }),
          stop.signal,
        );
      } catch (e) {
        // What was stopped leaves the job as it was.
        if (stop.signal.aborted) return { job, notices: [] };
        throw e;
      } finally {
        setProgress(null);
      }
    });
  };
  const work = (action: string, mm: number | undefined) =>
    ask(() =>
      got(
        api.POST('/api/artwork/work', {
          body: { job: asJson(job), action, layers: chosen, mm: mm ?? null, pieces: null, region: null },
        }),
      ),
    );
  const workOnParts = (action: string) => {
    const tapped = mode === 'pieces';
    const drawn = here?.layers.map((l) => l.id) ?? [];
    const layers = tapped ? Object.keys(pieces) : chosen.length > 0 ? chosen : drawn;
    ask(() =>
      got(
        api.POST('/api/artwork/work', {
          body: { job: asJson(job), action, layers, mm: null, pieces: tapped ? asPieces(pieces) : null, region },
        }),
      ),
    );
  };
  const setWords = (layer: string | undefined, word: Word) =>
    ask(() =>
      got(
        api.POST('/api/artwork/words', {
          body: { job: asJson(job), layer: layer ?? null, word: asJson(word) },
        }),
      ),
    );

  const setNames = (names: readonly Piece[]) =>
    ask(() =>
      got(
        api.POST('/api/artwork/words', {
          body: {
            job: asJson(withPieces(job, names)),
            layer: null,
            word: asJson({ ...NEW_WORD, text: names.find((n) => n.name)?.name ?? '', fromNames: true }),
          },
        }),
      ),
    );
  const mark = (layer: string, word: Word) => edit((j) => layerChanged(j, ids.indexOf(layer), { word }));

  const both = look.data;
  const here = both?.[face];
  const bare = both !== undefined && both.front.layers.length + both.back.layers.length === 0;
  const cloth = (job.blank.colour as string | undefined) ?? CLOTH;
  const weeding = here && here.layers.length > 0 ? weedingInWords(here) : null;
  const sides = both && both.front.layers.length > 0 && both.back.layers.length > 0;
  return (
    <div className="grid gap-8">
      {desk.isError && <Failed error={desk.error} />}
      {progress && (
        <div className="flex items-center gap-4" data-testid="reading">
          <progress className="progress w-64" max={1} value={progress.share} aria-label={labels.workingItOut} />
          <span className="tabular-nums" aria-live="polite">
            {labels.readingShare(Math.round(progress.share * 100))}
          </span>
          <button type="button" className="btn btn-sm btn-outline" onClick={() => progress.stop.abort()}>
            {labels.stopReading}
          </button>
        </div>
      )}
      {said.length > 0 && (
        <div className="grid gap-3" data-testid="said">
          {said.map((n) => (
            <NoticeCard
              key={n.code}
              notice={n}
              onTake={(change) => {
                edit(change);
                setSaid((rest) => rest.filter((r) => r !== n));
              }}
            />
          ))}
        </div>
      )}
      {both === undefined && !look.isError && <Loading what={labels.theArtwork} />}
      {look.isError && both === undefined && <p className="text-quiet">{labels.theArtworkCannotBeDrawn}</p>}
      {bare && <p className="max-w-[60ch]">{labels.nothingIsDrawnYetBring}</p>}
      <nav aria-label={labels.addArtwork} className="flex flex-wrap gap-3 print:hidden">
        {DOORS.map(({ id, word }) => (
          <button
            key={id}
            type="button"
            className="btn btn-outline"
            onClick={() => {
              if (id === 'door-names') flushSync(() => setListing(true));
              openDoor(id);
            }}
          >
            {word}
          </button>
        ))}
      </nav>
      {weeding && here && (
        <div className="grid xl:grid-cols-[minmax(0,1fr)_24rem] gap-x-8 gap-y-5 items-start print:hidden">
          <div className="xl:sticky xl:top-4">
            <p className="text-[1.3rem] font-bold mb-2" data-testid="weeding">
              {weeding.head}
              <span className="font-normal text-quiet">{labels.aboutToWeed(spoken(weeding.seconds))}</span>
            </p>
            <PartTools
              mode={mode}
              onMode={(next) => {
                setMode(next);
                setPieces({});
                setRegion(null);
              }}
              pieces={pieces}
              region={region}
              onRegion={setRegion}
              on={chosen.length > 0 ? chosen.join(', ') : labels.allLayers}
              busy={desk.isPending}
              onWork={workOnParts}
            />
            <Picture
              look={here}
              cloth={cloth}
              chosen={chosen}
              onChoose={toggle}
              mode={mode}
              pieces={pieces}
              onPiece={(layer, piece) => setPieces((p) => pieceTapped(p, layer, piece))}
              region={region}
              onRegion={setRegion}
            />
            <div className="flex flex-wrap items-center gap-x-6 gap-y-2 mt-2 text-[0.9rem]">
              <label className="flex items-center gap-2">
                <input
                  type="color"
                  className="w-8 h-8 p-0.5 border border-ink bg-transparent cursor-pointer"
                  value={cloth}
                  onChange={(e) => edit((j) => ({ ...j, blank: changed(j.blank, { colour: e.target.value }) }))}
                />
                {labels.colourOfTheItem}
              </label>
              {sides && (
                <span className="flex gap-1">
                  {(['front', 'back'] as const).map((f) => (
                    <button
                      key={f}
                      type="button"
                      aria-pressed={face === f}
                      className={`btn btn-sm ${face === f ? 'btn-primary' : 'btn-outline'}`}
                      onClick={() => setFace(f)}
                    >
                      {f === 'front' ? labels.front : labels.back}
                    </button>
                  ))}
                </span>
              )}
              <SaveAs jobId={jobId} face={face} draft={draft} />
              <span className="text-quiet">{labels.ringsNarrowerThanTheVinyl}</span>
            </div>
          </div>
          <Swatches job={job} look={here} catalogue={catalogue} chosen={chosen} onChoose={toggle} onEdit={edit} />
        </div>
      )}
      {both && both[face].layers.length === 0 && !bare && (
        <button
          type="button"
          className="btn btn-sm btn-outline justify-self-start"
          onClick={() => setFace(face === 'front' ? 'back' : 'front')}
        >
          {labels.theDrawingLiesOnThe(face === 'front' ? 'back' : 'front')}
        </button>
      )}
      <div id="door-drawing">
        <BringIn busy={desk.isPending} first={bare} onBring={bring} />
      </div>
      <div id="door-picture">
        <TraceIn busy={desk.isPending} first={bare} onBring={bring} />
      </div>
      {weeding && both && chosen.length > 0 && (
        <LayerTools kinds={both.work} chosen={chosen} busy={desk.isPending} onWork={work} />
      )}
      <div id="door-text">
        {both && <Words job={job} fonts={both.fonts} busy={desk.isPending} onSet={setWords} onMark={mark} />}
      </div>
      <div id="door-names">
        <Names job={job} open={listing} onEdit={edit} onHeight={setWords} onFirst={setNames} />
      </div>
    </div>
  );
}
