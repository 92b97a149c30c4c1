import { useState } from 'react';
import type { Notice } from '../api/client';
import { type Job, withEdits } from '../api/job';
import * as labels from './labels';

const WORDS = { stop: labels.stop, caution: labels.caution, note: '' } as const;

/** Accepts a notice with a word, or with null takes that back. */
export type OnAccept = (code: string, word: string | null) => void;

/** Takes a change over into the job. */
export type OnTake = (change: (job: Job) => Job) => void;

export function NoticeCard({ notice, onAccept, onTake }: { notice: Notice; onAccept?: OnAccept; onTake?: OnTake }) {
  // What was accepted steps back by one.
  const shown = notice.accepted ? (notice.level === 'stop' ? 'caution' : 'note') : notice.level;
  return (
    <div className={`notice ${shown}`} data-code={notice.code}>
      <p>
        {WORDS[notice.level] && <strong>{WORDS[notice.level]} </strong>}
        {notice.text}
      </p>
      <details className="mt-1 text-[0.9rem] text-quiet">
        <summary className="cursor-pointer w-fit underline decoration-dotted underline-offset-2">{labels.why}</summary>
        <p className="mt-1">{notice.why}</p>
      </details>
      {onTake && notice.mends && notice.mends.length > 0 && !notice.accepted && (
        <p className="mt-2 flex flex-wrap gap-2 print:hidden">
          {notice.mends.map((m) => (
            <button
              key={m.text}
              type="button"
              className="btn btn-sm btn-outline h-auto min-h-8 py-1 text-left font-normal"
              onClick={() => onTake((job) => withEdits(job, m.edits))}
            >
              {m.text}
            </button>
          ))}
        </p>
      )}
      {notice.accepted && (
        <p className="mt-1.5 text-[0.9rem]">
          {labels.accepted(notice.accepted)}
          {onAccept && (
            <button
              type="button"
              className="underline underline-offset-2 print:hidden"
              onClick={() => onAccept(notice.code, null)}
            >
              {labels.takeThatBack}
            </button>
          )}
        </p>
      )}
      {onAccept && notice.acceptable && !notice.accepted && <Accept code={notice.code} onAccept={onAccept} />}
    </div>
  );
}

/** A crafter who has done it before says so in a word. */
function Accept({ code, onAccept }: { code: string; onAccept: OnAccept }) {
  const [open, setOpen] = useState(false);
  const [word, setWord] = useState('');
  if (!open)
    return (
      <button
        type="button"
        className="mt-1.5 text-[0.9rem] underline underline-offset-2 print:hidden"
        onClick={() => setOpen(true)}
      >
        {labels.iKnowThisGoOn}
      </button>
    );
  return (
    <form
      className="mt-2 flex gap-2 items-end print:hidden"
      onSubmit={(e) => {
        e.preventDefault();
        if (word.trim()) onAccept(code, word.trim());
      }}
    >
      <label className="field grow">
        <span className="name">{labels.inAWordWhy}</span>
        <input
          className="input"
          maxLength={200}
          value={word}
          // biome-ignore lint/a11y/noAutofocus: it opens because it was asked for
          autoFocus
          onChange={(e) => setWord(e.target.value)}
        />
      </label>
      <button type="submit" className="btn btn-outline h-10" disabled={!word.trim()}>
        {labels.accept}
      </button>
    </form>
  );
}

const MOST_NOTES = 3;

/** Stops, cautions and a few notes in the open; what is true of every job, and further notes, in one fold below them. */
export function Notices({
  notices,
  onAccept,
  onTake,
}: {
  notices: readonly Notice[];
  onAccept?: OnAccept;
  onTake?: OnTake;
}) {
  const loud = notices.filter((n) => n.level !== 'note');
  const quiet = notices.filter((n) => n.level === 'note' && !n.standing);
  const [shown, more] = [quiet.slice(0, MOST_NOTES), quiet.slice(MOST_NOTES)];
  const folded = [...more, ...notices.filter((n) => n.standing)];
  return (
    <div className="grid gap-3">
      {loud.map((n) => (
        <NoticeCard
          key={n.code + n.text}
          notice={n}
          {...(onAccept ? { onAccept } : {})}
          {...(onTake ? { onTake } : {})}
        />
      ))}
      {shown.map((n) => (
        <NoticeCard key={n.code + n.text} notice={n} {...(onTake ? { onTake } : {})} />
      ))}
      {folded.length > 0 && (
        <details>
          <summary className="cursor-pointer font-semibold">
            {more.length > 0 ? labels.moreToKnow : labels.asWithEveryJob} ({folded.length})
          </summary>
          <div className="grid gap-3 mt-3">
            {folded.map((n) => (
              <NoticeCard key={n.code + n.text} notice={n} {...(onTake ? { onTake } : {})} />
            ))}
          </div>
        </details>
      )}
    </div>
  );
}
