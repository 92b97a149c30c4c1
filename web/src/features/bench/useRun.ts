import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useCallback, useEffect, useRef, useState } from 'react';
import { api, got, type Outcome, Refused, type Run, type Schemas } from '../../api/client';
import { newId } from '../../api/newId';
import { useUnits } from '../../app/units';
import { ServerClock } from '../../ui/countdown';
import { SIZE_NAMES } from '../../ui/sizes';
import { keepRun } from './keptRun';
import { agoSeconds, type Unheard } from './unheard';

export type Station = Schemas['StationAnswer'];
export type Hand = Schemas['HandAnswer'];
export type Piece = Schemas['PieceAnswer'];
export type Action = Schemas['BenchAction'];

export interface Heard {
  run: Run;
  clock: ServerClock;
  /** It was kept on this device, because the service could not be reached. */
  kept: boolean;
}

export interface Command {
  action: Action;
  /** Left out: the piece before this press. */
  piece?: Piece['number'];
  /** The move of the piece that is meant, where it is not the one before this press. */
  move?: number;
  outcomes?: Outcome[];
  note?: string;
  item?: string;
  seconds?: number;
  knowingly?: boolean;
  wanted?: { name: string; size: string | null; colour: string | null };
  /** On which side something was seen. */
  face?: Schemas['Face'];
}

/** A run, and since when it is as it is where the service worker had it kept. */
type Told = Run & { keptUtc?: string };

const heardNow = (run: Told): Heard => ({
  run,
  clock: new ServerClock(run.serverUtc, performance.now()),
  kept: run.keptUtc !== undefined,
});

/** What was kept does not take the place of what was heard later. */
function unlessOlder(before: Heard | undefined, told: Told): Heard {
  return before && told.keptUtc && Date.parse(before.run.serverUtc) > Date.parse(told.keptUtc)
    ? { ...before, kept: true }
    : heardNow(told);
}

/** A run as it stands: told by the service as it happens, asked for where that line is cut. */
export function useRun(id: string) {
  const queries = useQueryClient();
  const [live, setLive] = useState(false);
  useEffect(() => {
    const source = new EventSource(`/api/runs/${id}/live`);
    source.addEventListener('run', (e) => {
      setLive(true);
      const heard = heardNow(JSON.parse(e.data));
      queries.setQueryData<Heard>(['run', id], (before) => newer(before, heard));
    });
    source.onerror = () => setLive(false);
    return () => source.close();
  }, [id, queries]);
  const heard = useQuery<Heard>({
    queryKey: ['run', id],
    queryFn: async () =>
      unlessOlder(
        queries.getQueryData<Heard>(['run', id]),
        await got(api.GET('/api/runs/{id}', { params: { path: { id } } })),
      ),
    refetchInterval: (q) => (q.state.data && q.state.data.run.status !== 'running' ? false : live ? 10_000 : 700),
    refetchIntervalInBackground: true,
    staleTime: 0,
  });
  const latest = heard.data;
  useEffect(() => {
    if (latest && !latest.kept) void keepRun(latest.run);
  }, [latest]);
  return heard;
}

/** An answer that was on its way longer than another does not take its place. */
function newer(before: Heard | undefined, heard: Heard): Heard {
  return before && Date.parse(before.run.serverUtc) > Date.parse(heard.run.serverUtc) ? before : heard;
}

const RETRY_MS = 1500;
const PATIENCE_MS = 8000;

const storeKey = (run: string, station: number) => `juxtherm.unheard.${run}.${station}`;

function stored(run: string, station: number): Unheard[] {
  try {
    return JSON.parse(sessionStorage.getItem(storeKey(run, station)) ?? '[]');
  } catch {
    return [];
  }
}

/**
 * Says something to the bench for a press. What the service does not hear is kept, also over a reload, said again until it is heard, and
 * counts from when it was said.
 * @param durable what was not heard is kept over a reload of the page
 */
export function useSay(run: Run, station: number, focus: Hand | null, durable = false) {
  const queries = useQueryClient();
  const units = useUnits();
  const [refusal, setRefusal] = useState<{ code: string; text: string } | null>(null);
  const [waiting, setWaiting] = useState<readonly Unheard[]>(() => (durable ? stored(run.id, station) : []));
  const [lost, setLost] = useState(false);
  const sending = useRef(false);
  const line = useRef(waiting);
  const put = useCallback(
    (next: readonly Unheard[]) => {
      line.current = next;
      setWaiting(next);
      if (!durable) return;
      if (next.length > 0) sessionStorage.setItem(storeKey(run.id, station), JSON.stringify(next));
      else sessionStorage.removeItem(storeKey(run.id, station));
    },
    [run.id, station, durable],
  );
  const keep = useCallback(
    (next: Run) => {
      queries.setQueryData<Heard>(['run', run.id], (before) => newer(before, heardNow(next)));
      queries.invalidateQueries({ queryKey: ['log'] });
      queries.invalidateQueries({ queryKey: ['runs'] });
      setRefusal(null);
    },
    [queries, run.id],
  );
  const onError = useCallback(
    (e: Error) => {
      const code = e instanceof Refused ? e.code : '';
      setRefusal(code === 'out-of-step' ? null : { code, text: e.message });
      queries.invalidateQueries({ queryKey: ['run', run.id] });
    },
    [queries, run.id],
  );
  const send = useCallback(async () => {
    if (sending.current) return;
    sending.current = true;
    try {
      for (let first = line.current[0]; first; first = line.current[0]) {
        const body = { ...first.body, commandId: first.commandId, agoSeconds: agoSeconds(first, Date.now()) };
        try {
          const answer = await got(
            api.POST('/api/runs/{id}/actions', {
              params: { path: { id: run.id } },
              body: body as Schemas['BenchCommand'],
              signal: AbortSignal.timeout(PATIENCE_MS),
            }),
          );
          put(line.current.slice(1));
          setLost(false);
          keep(answer);
        } catch (e) {
          if (!(e instanceof Refused)) {
            // Not heard: kept, and said again.
            setLost(true);
            return;
          }
          // What followed from it does not hold either.
          put([]);
          setLost(false);
          onError(e);
        }
      }
    } finally {
      sending.current = false;
    }
  }, [run.id, put, keep, onError]);
  const any = waiting.length > 0;
  useEffect(() => {
    if (!any) return;
    const again = () => void send();
    again();
    const timer = window.setInterval(again, RETRY_MS);
    window.addEventListener('online', again);
    return () => {
      window.clearInterval(timer);
      window.removeEventListener('online', again);
    };
  }, [send, any]);
  const say = useCallback(
    (command: Command) => {
      const hand = command.piece === undefined ? focus : null;
      put([
        ...line.current,
        {
          commandId: newId(),
          saidAt: Date.now(),
          body: {
            station,
            piece: command.piece ?? hand?.piece ?? 0,
            move: command.move ?? hand?.move ?? null,
            action: command.action,
            outcomes: command.outcomes ?? null,
            note: command.note ?? null,
            item: command.item ?? null,
            seconds: command.seconds ?? null,
            knowingly: command.knowingly ?? false,
            wanted: command.wanted ?? null,
            face: command.face ?? null,
            units: units.system,
          },
        },
      ]);
      void send();
    },
    [focus, put, send, station, units.system],
  );
  const press = useMutation({
    mutationFn: (ask: { action: Schemas['PressAction']; celsius?: number }) =>
      got(
        api.POST('/api/runs/{id}/stations/{station}/press', {
          params: { path: { id: run.id, station } },
          body: { action: ask.action, celsius: ask.celsius ?? null },
        }),
      ),
    onSuccess: keep,
    onError,
  });
  return { say, press, refusal, setRefusal, waiting, lost };
}

/** Whose piece it is, in words. */
export function whose(piece: Piece | undefined): string {
  if (!piece) return '';
  return piece.name || `Piece ${piece.number}`;
}

/** Sizes as they stand on labels. */
export const sizeWord = (size: string | null | undefined) => (size ? (SIZE_NAMES[size] ?? size) : '');
