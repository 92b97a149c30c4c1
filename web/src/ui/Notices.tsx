import type { Notice } from '../api/client';

const WORDS = { stop: 'Stop.', caution: 'Caution.', note: '' } as const;

export function NoticeCard({ notice }: { notice: Notice }) {
  return (
    <div className={`notice ${notice.level}`} data-code={notice.code}>
      <p>
        {WORDS[notice.level] && <strong>{WORDS[notice.level]} </strong>}
        {notice.text}
      </p>
      <details className="mt-1 text-[0.9rem] text-quiet">
        <summary className="cursor-pointer w-fit underline decoration-dotted underline-offset-2">Why</summary>
        <p className="mt-1">{notice.why}</p>
      </details>
    </div>
  );
}

/** Stops and cautions in the open; what is merely worth knowing folded together below them. */
export function Notices({ notices }: { notices: readonly Notice[] }) {
  const loud = notices.filter((n) => n.level !== 'note');
  const quiet = notices.filter((n) => n.level === 'note');
  return (
    <div className="grid gap-3">
      {loud.map((n) => (
        <NoticeCard key={n.code} notice={n} />
      ))}
      {quiet.length > 0 && (
        <details>
          <summary className="cursor-pointer font-semibold">
            {loud.length > 0 ? 'Also watch out for' : 'Watch out for'} ({quiet.length})
          </summary>
          <div className="grid gap-3 mt-3">
            {quiet.map((n) => (
              <NoticeCard key={n.code} notice={n} />
            ))}
          </div>
        </details>
      )}
    </div>
  );
}
