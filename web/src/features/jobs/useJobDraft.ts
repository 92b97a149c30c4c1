import { useQueryClient } from '@tanstack/react-query';
import { useCallback, useEffect, useRef, useState } from 'react';
import { api, got, Refused } from '../../api/client';
import type { Job } from '../../api/job';

const SAVE_AFTER_MS = 600;
const MOST_UNDO = 100;
// Letters typed in a row into one field are one change.
const ONE_CHANGE_MS = 700;
// While the service does not answer it is asked again so often.
const RETRY_MS = 3000;

export type SaveState = 'saved' | 'saving' | 'waiting' | 'faulty' | 'stale' | 'failed';

interface Kept {
  id: string;
  version: number;
  job: unknown;
}

export interface Draft {
  id: string;
  job: Job;
  edit: (change: (job: Job) => Job) => void;
  undo: () => void;
  redo: () => void;
  canUndo: boolean;
  canRedo: boolean;
  state: SaveState;
  problem: Refused | null;
  /** The newer job that somebody else saved, while the two are apart. */
  newer: Kept | null;
  keepMine: () => void;
  takeTheirs: () => void;
  retry: () => void;
  /** Saves at once what has not been saved yet. */
  flush: () => Promise<void>;
}

const UNSAVED = 'juxtherm.unsaved.';
const unsavedKey = (id: string) => `${UNSAVED}${id}`;

/** Forgets all edits that the service has not heard of. */
export function forgetUnsaved() {
  for (const key of Object.keys(localStorage)) if (key.startsWith(UNSAVED)) localStorage.removeItem(key);
}

/** Edits that the service has not heard of, as they were left on this device. */
function unsaved(id: string): { version: number; job: Job } | null {
  try {
    return JSON.parse(localStorage.getItem(unsavedKey(id)) ?? 'null');
  } catch {
    return null;
  }
}

function keepUnsaved(id: string, version: number, job: Job) {
  try {
    localStorage.setItem(unsavedKey(id), JSON.stringify({ version, job }));
  } catch {
    // No room on this device: they stay on the page.
  }
}

/** A job under edit: every change is kept shortly after it is made, can be undone, and never overwrites a newer save unseen. */
export function useJobDraft(kept: Kept): Draft {
  const queries = useQueryClient();
  // What was edited while the service did not answer comes first; where somebody else has saved since, both are shown.
  const [left] = useState(() => unsaved(kept.id));
  const behind = left !== null && left.version !== kept.version;
  const [job, setJob] = useState(left?.job ?? (kept.job as Job));
  const [past, setPast] = useState<Job[]>(left ? [kept.job as Job] : []);
  const [future, setFuture] = useState<Job[]>([]);
  const [state, setState] = useState<SaveState>(behind ? 'stale' : left ? 'waiting' : 'saved');
  const [problem, setProblem] = useState<Refused | null>(null);
  const [newer, setNewer] = useState<Kept | null>(behind ? kept : null);
  const version = useRef(kept.version);
  const latest = useRef(job);
  const saved = useRef(kept.job as Job);
  const timer = useRef<number | undefined>(undefined);
  const inFlight = useRef<Promise<void> | null>(null);
  const apart = useRef(behind);
  const lastEdit = useRef(Number.NEGATIVE_INFINITY);
  const lastField = useRef<HTMLInputElement | null>(null);

  const save = useCallback(async (): Promise<void> => {
    window.clearTimeout(timer.current);
    if (inFlight.current) await inFlight.current;
    if (apart.current) return;
    if (saved.current === latest.current) {
      // Undone back to what is kept already.
      setProblem(null);
      setState('saved');
      return;
    }
    const sending = latest.current;
    // What could not be saved stays marked until it is.
    setState((was) => (was === 'failed' ? 'failed' : 'saving'));
    inFlight.current = (async () => {
      try {
        const answer = await got(
          api.PUT('/api/jobs/{id}', {
            params: { path: { id: kept.id } },
            body: { version: version.current, job: sending },
          }),
        );
        version.current = answer.version;
        saved.current = sending;
        localStorage.removeItem(unsavedKey(kept.id));
        queries.setQueryData(['job', kept.id], answer);
        queries.invalidateQueries({ queryKey: ['jobs'] });
        setProblem(null);
        setState(latest.current === sending ? 'saved' : 'waiting');
      } catch (e) {
        const refused = e instanceof Refused ? e : null;
        setProblem(refused);
        if (refused?.status === 409 && refused.code === 'stale') {
          apart.current = true;
          setNewer(refused.current as Kept);
          setState('stale');
        } else if (refused && refused.status < 500) setState('faulty');
        else {
          keepUnsaved(kept.id, version.current, latest.current);
          setState('failed');
        }
      } finally {
        inFlight.current = null;
      }
    })();
    await inFlight.current;
  }, [kept.id, queries]);

  const put = useCallback(
    (next: Job) => {
      latest.current = next;
      setJob(next);
      if (apart.current) return;
      if (localStorage.getItem(unsavedKey(kept.id)) !== null) keepUnsaved(kept.id, version.current, next);
      setState((was) => (was === 'failed' ? 'failed' : 'waiting'));
      window.clearTimeout(timer.current);
      timer.current = window.setTimeout(() => void save(), SAVE_AFTER_MS);
    },
    [save, kept.id],
  );

  const edit = useCallback(
    (change: (job: Job) => Job) => {
      const before = latest.current;
      const next = change(before);
      if (next === before) return;
      const now = performance.now();
      const field = document.activeElement instanceof HTMLInputElement ? document.activeElement : null;
      const typingOn = field !== null && field === lastField.current && now - lastEdit.current < ONE_CHANGE_MS;
      if (!typingOn) setPast((p) => [...p.slice(-MOST_UNDO + 1), before]);
      lastEdit.current = now;
      lastField.current = field;
      setFuture([]);
      put(next);
    },
    [put],
  );

  const undo = useCallback(() => {
    const before = past[past.length - 1];
    if (!before) return;
    lastEdit.current = Number.NEGATIVE_INFINITY;
    setPast(past.slice(0, -1));
    setFuture([latest.current, ...future]);
    put(before);
  }, [past, future, put]);

  const redo = useCallback(() => {
    const next = future[0];
    if (!next) return;
    setFuture(future.slice(1));
    setPast([...past, latest.current]);
    put(next);
  }, [past, future, put]);

  const keepMine = useCallback(() => {
    if (!newer) return;
    version.current = newer.version;
    apart.current = false;
    setNewer(null);
    saved.current = newer.job as Job;
    void save();
  }, [newer, save]);

  const takeTheirs = useCallback(() => {
    if (!newer) return;
    version.current = newer.version;
    apart.current = false;
    setNewer(null);
    setPast((p) => [...p, latest.current]);
    saved.current = latest.current = newer.job as Job;
    localStorage.removeItem(unsavedKey(kept.id));
    setJob(newer.job as Job);
    setState('saved');
  }, [newer, kept.id]);

  useEffect(() => () => void save(), [save]);
  const failed = state === 'failed';
  useEffect(() => {
    if (left && !behind) void save();
  }, [left, behind, save]);
  useEffect(() => {
    if (!failed) return;
    const again = () => void save();
    const timer = window.setInterval(again, RETRY_MS);
    window.addEventListener('online', again);
    return () => {
      window.clearInterval(timer);
      window.removeEventListener('online', again);
    };
  }, [failed, save]);

  return {
    id: kept.id,
    job,
    edit,
    undo,
    redo,
    canUndo: past.length > 0,
    canRedo: future.length > 0,
    state,
    problem,
    newer,
    keepMine,
    takeTheirs,
    retry: () => void save(),
    flush: save,
  };
}
