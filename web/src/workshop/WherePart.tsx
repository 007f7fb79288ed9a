import { useWork } from '../api/workshop';
import type { Job, Worker, WorkView } from '../api/types';

const SAID: Record<Job['kind'], string> = {
  PREPARE: 'Preparing',
  WORDS: 'Getting the words of',
  MEASURE: 'Measuring',
  RENDER: 'Making',
};

/** All processes that run jobs, with their jobs and the queue. */
export function WherePart() {
  const work = useWork();
  return (
    <section aria-labelledby="where" className="mb-12">
      <h2 id="where" className="mb-1 text-title font-semibold">
        Where work runs
      </h2>
      {work.error && <p className="text-accent">{work.error.message}</p>}
      {work.data && (
        <>
          <p className="mb-5 text-soft">{waiting(work.data)}</p>
          <ul className="divide-y divide-rule border-y border-rule">
            {work.data.workers.map((worker) => (
              <Row key={worker.name} worker={worker} />
            ))}
          </ul>
          <p className="mt-4 text-note text-soft">
            Another machine takes part with{' '}
            <code className="rounded bg-sunk px-1.5 py-0.5">
              ./salt-drum worker --database HOST:PORT/NAME --media FOLDER
            </code>
          </p>
        </>
      )}
    </section>
  );
}

function waiting(work: WorkView): string {
  const queued = work.waiting.filter((lane) => lane.waiting > 0);
  if (queued.length === 0) return 'The queue is empty.';
  return `Waiting: ${queued.map((lane) => `${lane.label.toLowerCase()} ${lane.waiting}`).join(', ')}.`;
}

function Row({ worker }: { worker: Worker }) {
  const silent = worker.silentSeconds !== undefined;
  return (
    <li
      className="grid grid-cols-[220px_minmax(0,1fr)_280px] gap-x-6 gap-y-2 py-4 max-[899px]:grid-cols-1"
      data-worker={worker.name}
    >
      <div>
        <p className="flex items-center gap-2 font-medium">
          <span
            aria-hidden
            className={`size-2 flex-none rounded-full ${silent ? 'border border-accent' : 'bg-ink'}`}
          />
          {worker.role === 'SERVER' ? 'Server' : 'Worker'}
          {silent && (
            <span className="text-note font-normal text-accent">silent for {worker.silentSeconds} s</span>
          )}
        </p>
        <p className="truncate pl-4 text-note text-soft" title={worker.machine}>
          {worker.machine}, process {worker.process}
        </p>
      </div>
      <ul className="space-y-2">
        {worker.underWay.length === 0 && (
          <li className="text-soft">{silent ? 'Its work is taken over by others' : 'Free'}</li>
        )}
        {worker.underWay.map((job) => (
          <li key={job.jobId} className="flex items-center gap-3">
            <span className="min-w-0 flex-1 truncate">
              {SAID[job.kind]} {job.fileName ?? `“${job.clip}”`}
            </span>
            <span
              role="progressbar"
              aria-label={`${SAID[job.kind]} ${job.fileName ?? job.clip}`}
              aria-valuenow={Math.round(100 * job.progress)}
              aria-valuemin={0}
              aria-valuemax={100}
              className="h-1.5 w-28 flex-none overflow-hidden rounded bg-rule"
            >
              <span className="block h-full bg-accent" style={{ width: `${100 * job.progress}%` }} />
            </span>
          </li>
        ))}
      </ul>
      <div className="text-note text-soft min-[900px]:text-right">
        <p>
          {worker.cores} {worker.cores === 1 ? 'core' : 'cores'}, {(worker.memoryMb / 1024).toFixed(1)} GB
        </p>
        {worker.lanes
          .filter((lane) => lane.atOnce > 0)
          .map((lane) => (
            <p key={lane.lane}>
              {lane.label} {lane.atOnce > 1 && `· ${lane.atOnce} at once`}
            </p>
          ))}
        {worker.lanes.every((lane) => lane.atOnce === 0) && <p>Takes no new jobs</p>}
      </div>
    </li>
  );
}
