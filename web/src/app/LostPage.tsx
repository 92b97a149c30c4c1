import { Link, useRouteError } from 'react-router';

export function LostPage() {
  const failed = useRouteError();
  return (
    <main className="p-10 max-w-[40rem]">
      <h1 className="text-2xl font-bold">{failed ? 'This page has come apart' : 'Nothing is kept here'}</h1>
      <p className="mt-3">
        {failed
          ? 'A fault of the program. What was saved is still saved.'
          : 'The address may be mistyped, or the job was deleted.'}
      </p>
      <p className="mt-5">
        <Link to="/" className="underline font-semibold">
          Back to the jobs
        </Link>
      </p>
    </main>
  );
}
