import { useRecord } from '../api/people';

/** The record of the last year. */
export function RecordPart() {
  const record = useRecord();
  const entries = record.data?.pages.flat() ?? [];
  return (
    <section aria-labelledby="record" className="mb-12">
      <div className="mb-4 flex items-baseline gap-4">
        <h2 id="record" className="text-title font-semibold">
          Record
        </h2>
        <a href="/api/people/record/csv" download className="text-note text-accent underline">
          Save it as a table (CSV)
        </a>
      </div>
      <p className="mb-3 text-soft">
        Sign-ins, people, links, what is settled for clients, deliveries and deletions. It is kept for a year.
      </p>
      {record.error && <p className="text-accent">{record.error.message}</p>}
      <div
        className="max-h-96 overflow-y-auto border-y border-rule"
        tabIndex={0}
        role="group"
        aria-label="Entries"
      >
        <table className="w-full text-left text-note">
          <thead className="sr-only">
            <tr>
              <th scope="col">When</th>
              <th scope="col">Who</th>
              <th scope="col">What</th>
            </tr>
          </thead>
          <tbody className="divide-y divide-rule">
            {entries.map((one) => (
              <tr key={one.id}>
                <td className="w-44 py-1.5 pr-4 align-baseline whitespace-nowrap text-soft">
                  {new Date(one.made).toLocaleString('en-GB', { dateStyle: 'medium', timeStyle: 'short' })}
                </td>
                <td className="w-44 py-1.5 pr-4 align-baseline">{one.person ?? 'Not signed in'}</td>
                <td className="py-1.5 align-baseline">
                  {one.did}
                  {one.about && <span className="text-soft"> · {one.about}</span>}
                </td>
              </tr>
            ))}
          </tbody>
        </table>
        {record.hasNextPage && (
          <button
            onClick={() => void record.fetchNextPage()}
            disabled={record.isFetchingNextPage}
            className="my-2 text-note text-accent underline"
          >
            Older ones
          </button>
        )}
      </div>
    </section>
  );
}
