import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useEffect, useRef, useState } from 'react';
import { api, got, type Schemas } from '../../api/client';
import { useUnits } from '../../app/units';

export type Case = Schemas['PracticeCaseAnswer'];
export type Seen = Schemas['Seen'];
export type Move = Partial<Schemas['Move']> & Pick<Schemas['Move'], 'kind'>;
export type Judged = Schemas['JudgedAnswer'];

const FORMAT = 'juxtherm.practice';

/** What is done at a bench, as it is taken along and set to others. */
export interface PracticeFile {
  format: typeof FORMAT;
  version: 1;
  case: string;
  moves: Move[];
}

export const fileOf = (id: string, moves: readonly Move[]): PracticeFile => ({
  format: FORMAT,
  version: 1,
  case: id,
  moves: [...moves],
});

/** A practice file; null where a text is none. */
export function readFile(text: string): PracticeFile | null {
  try {
    const file = JSON.parse(text) as PracticeFile;
    const good =
      file.format === FORMAT && file.version === 1 && typeof file.case === 'string' && Array.isArray(file.moves);
    return good ? file : null;
  } catch {
    return null;
  }
}

const keyOf = (id: string) => `juxtherm.practice.${id}`;

export function keepMoves(id: string, moves: readonly Move[]) {
  localStorage.setItem(keyOf(id), JSON.stringify(moves));
}

function keptMoves(id: string): Move[] {
  return readFile(JSON.stringify(fileOf(id, JSON.parse(localStorage.getItem(keyOf(id)) ?? '[]'))))?.moves ?? [];
}

const WHO = 'juxtherm.practice-who';
export const learnerKept = () => localStorage.getItem(WHO) ?? '';
export const keepLearner = (name: string) => localStorage.setItem(WHO, name);

export const usePractice = () =>
  useQuery({ queryKey: ['practice'], queryFn: () => got(api.GET('/api/practice')), staleTime: 0 });

export function useCase(id: string) {
  const { system } = useUnits();
  return useQuery({
    queryKey: ['practice', id, system],
    queryFn: () => got(api.GET('/api/practice/{id}', { params: { path: { id }, query: { units: system } } })),
  });
}

/** What crafters differ on, tried at a bench that is over; asked for when somebody wants to know. */
export function useWays(id: string, moves: readonly Move[], wanted: boolean) {
  const { system } = useUnits();
  return useQuery({
    queryKey: ['practice-ways', id, system],
    queryFn: () =>
      got(
        api.POST('/api/practice/{id}/ways', {
          params: { path: { id }, query: { units: system } },
          body: moves as Schemas['Move'][],
        }),
      ),
    enabled: wanted,
    staleTime: Number.POSITIVE_INFINITY,
  });
}

/** What was done at a bench and what can be seen; outlives a reload. */
export function useBench(id: string) {
  const queries = useQueryClient();
  const [moves, setMoves] = useState<Move[]>(() => keptMoves(id));
  const [judged, setJudged] = useState<Judged | null>(null);
  const path = { params: { path: { id } } };
  const seen = useQuery({
    queryKey: ['practice-seen', id, moves],
    queryFn: () => got(api.POST('/api/practice/{id}/look', { ...path, body: moves as Schemas['Move'][] })),
    placeholderData: (before) => before,
    retry: false,
  });
  const judge = useMutation({
    mutationFn: (all: Move[]) =>
      got(
        api.POST('/api/practice/{id}/judge', {
          ...path,
          body: { moves: all as Schemas['Move'][], learner: learnerKept() || null },
        }),
      ),
    onSuccess: (came) => {
      setJudged(came);
      void queries.invalidateQueries({ queryKey: ['practice'], exact: true });
    },
  });
  const put = (all: Move[]) => {
    setMoves(all);
    keepMoves(id, all);
  };
  // What cannot be done was not done: the moves before it stand, and why is said until the next one.
  const [refused, setRefused] = useState<Error | null>(null);
  const done = useRef<Move[]>([]);
  const { isError, isSuccess, isPlaceholderData, error } = seen;
  useEffect(() => {
    if (isSuccess && !isPlaceholderData) done.current = moves;
    if (!isError) return;
    setRefused(error);
    setMoves(done.current);
    keepMoves(id, done.current);
  }, [isError, isSuccess, isPlaceholderData, error, moves, id]);
  const make = (...more: Move[]) => {
    const all = [...moves, ...more];
    setRefused(null);
    put(all);
    if (more.some((m) => m.kind === 'hand-over')) judge.mutate(all);
  };
  const again = () => {
    put([]);
    setJudged(null);
  };
  return { moves, seen, refused: refused ?? judge.error, judged, judging: judge.isPending, make, again };
}
