import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useEffect, useState } from 'react';
import { api, got, type Outcome, Refused, type Run, type Schemas } from '../../api/client';
import { newId } from '../../api/newId';
import { useUnits } from '../../app/units';
import { ServerClock } from '../../ui/countdown';
import { SIZE_NAMES } from '../../ui/sizes';

export type Station = Schemas['StationAnswer'];
export type Hand = Schemas['HandAnswer'];
export type Piece = Schemas['PieceAnswer'];
export type Action = Schemas['BenchAction'];

export interface Heard {
  run: Run;
  clock: ServerClock;
}

export interface Command {
  action: Action;
  /** Left out: the piece before this press. */
  piece?: Piece['number'];
  outcomes?: Outcome[];
  note?: string;
  item?: string;
  seconds?: number;
  knowingly?: boolean;
  wanted?: { name: string; size: string | null; colour: string | null };
}

const heardNow = (run: Run): Heard => ({ run, clock: new ServerClock(run.serverUtc, performance.now()) });

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
  return useQuery<Heard>({
    queryKey: ['run', id],
    queryFn: async () => heardNow(await got(api.GET('/api/runs/{id}', { params: { path: { id } } }))),
    refetchInterval: (q) => (q.state.data && q.state.data.run.status !== 'running' ? false : live ? 10_000 : 700),
    refetchIntervalInBackground: true,
    staleTime: 0,
  });
}

/** An answer that was on its way longer than another does not take its place. */
function newer(before: Heard | undefined, heard: Heard): Heard {
  return before && Date.parse(before.run.serverUtc) > Date.parse(heard.run.serverUtc) ? before : heard;
}

/** Says something to the bench for a press. */
export function useSay(run: Run, station: number, focus: Hand | null) {
  const queries = useQueryClient();
  const units = useUnits();
  const [refusal, setRefusal] = useState<{ code: string; text: string } | null>(null);
  const keep = (next: Run) => {
    queries.setQueryData<Heard>(['run', run.id], (before) => newer(before, heardNow(next)));
    queries.invalidateQueries({ queryKey: ['log'] });
    queries.invalidateQueries({ queryKey: ['runs'] });
    setRefusal(null);
  };
  const onError = (e: Error) => {
    const code = e instanceof Refused ? e.code : '';
    setRefusal(code === 'out-of-step' ? null : { code, text: e.message });
    queries.invalidateQueries({ queryKey: ['run', run.id] });
  };
  const say = useMutation({
    mutationFn: (command: Command) =>
      got(
        api.POST('/api/runs/{id}/actions', {
          params: { path: { id: run.id } },
          body: {
            commandId: newId(),
            station,
            piece: command.piece ?? focus?.piece ?? 0,
            move: command.piece === undefined ? (focus?.move ?? null) : null,
            action: command.action,
            outcomes: command.outcomes ?? null,
            note: command.note ?? null,
            item: command.item ?? null,
            seconds: command.seconds ?? null,
            knowingly: command.knowingly ?? false,
            wanted: command.wanted ?? null,
            units: units.system,
          },
        }),
      ),
    onSuccess: keep,
    onError,
  });
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
  return { say, press, refusal, setRefusal };
}

/** Whose piece it is, in words. */
export function whose(piece: Piece | undefined): string {
  if (!piece) return '';
  return piece.name || `Piece ${piece.number}`;
}

/** Sizes as they stand on labels. */
export const sizeWord = (size: string | null | undefined) => (size ? (SIZE_NAMES[size] ?? size) : '');
