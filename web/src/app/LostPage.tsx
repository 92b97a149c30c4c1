import { Link, useRouteError } from 'react-router';
import * as labels from './labels';

export function LostPage() {
  const failed = useRouteError();
  return (
    <main className="p-10 max-w-[40rem]">
      <h1 className="text-2xl font-bold">{failed ? labels.thisPageHasComeApart : labels.nothingIsKeptHere}</h1>
      <p className="mt-3">{failed ? labels.aFaultOfTheProgram : labels.theAddressMayBeMistyped}</p>
      <p className="mt-5">
        <Link to="/" className="underline font-semibold">
          {labels.backToTheJobs}
        </Link>
      </p>
    </main>
  );
}
