import { useStopJob } from '../api/jobs';
import type { Job } from '../api/types';

/** A running job: progress, remaining time, and a button to stop it. */
export function JobLine({ job, what }: { job: Job; what: string }) {
  const stop = useStopJob(job);
  const percent = Math.round(job.progress * 100);
  return (
    <div className="rounded-lg bg-paper p-3">
      <div className="flex items-baseline justify-between gap-2">
        <span>{job.state === 'WAITING' ? 'Queued' : (job.message ?? what)}</span>
        <button
          onClick={() => stop.mutate(undefined)}
          disabled={job.state === 'STOPPING'}
          className="text-note text-accent hover:underline"
        >
          {job.state === 'STOPPING' ? 'Stopping' : 'Stop'}
        </button>
      </div>
      <div
        role="progressbar"
        aria-label={what}
        aria-valuenow={percent}
        aria-valuemin={0}
        aria-valuemax={100}
        className="mt-2 h-1.5 overflow-hidden rounded bg-rule"
      >
        <div className="h-full bg-accent transition-[width]" style={{ width: `${percent}%` }} />
      </div>
      <p className="mt-1.5 text-tiny text-soft">
        {job.state === 'WAITING'
          ? waitsFor(job)
          : `${percent} %${job.secondsLeft === undefined ? '' : `, about ${left(job.secondsLeft)} left`}`}
      </p>
    </div>
  );
}

function waitsFor({ turn }: Job): string {
  if (turn === undefined) return 'Begins when the work before it is done';
  return turn === 1 ? 'Next in the queue' : `Number ${turn} in the queue`;
}

function left(seconds: number): string {
  return seconds < 90 ? `${Math.max(1, seconds)} s` : `${Math.round(seconds / 60)} min`;
}
