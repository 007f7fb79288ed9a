import { ArrowDown, ArrowUp, Download, RotateCcw, ScanEye, X } from 'lucide-react';
import { Link } from 'react-router';
import { useActOnLine } from '../api/orders';
import type { OrderLine } from '../api/types';
import { bytes, duration } from './said';

const sign =
  'flex size-8 flex-none items-center justify-center rounded-full text-soft hover:bg-sunk hover:text-ink';

/** One file: its name, its progress, and how the estimate compares with the result. */
export function LineRow({ line, lines }: { line: OrderLine; lines: OrderLine[] }) {
  const act = useActOnLine(line.id);
  const queue = lines.filter((l) => l.turn !== undefined).sort((a, b) => a.turn! - b.turn!);
  const at = queue.findIndex((l) => l.id === line.id);
  return (
    <li className="flex items-center gap-3 px-4 py-2.5 max-[699px]:flex-wrap" data-line={line.fileName}>
      <div className="min-w-0 flex-1 max-[699px]:basis-full">
        <p className="truncate font-medium" title={line.fileName}>
          {line.fileName}
        </p>
        <p className="truncate text-note text-soft" title={line.about}>
          {line.about}
        </p>
        {line.state === 'FAILED' && <p className="mt-1 text-note text-accent">{line.message}</p>}
        {line.toolLines && (
          <details className="mt-1 text-note text-soft">
            <summary>Last output of the encoder</summary>
            <pre className="mt-1 max-h-40 overflow-auto rounded bg-sunk p-2 text-tiny whitespace-pre-wrap">
              {line.toolLines}
            </pre>
          </details>
        )}
      </div>
      <div className="w-52 flex-none text-right text-note text-soft">
        <Fate line={line} />
      </div>
      <div className="flex w-[104px] flex-none justify-end gap-0.5">
        {at > 0 && (
          <button
            className={sign}
            aria-label={`Make ${line.fileName} earlier`}
            title="Earlier"
            onClick={() => act.mutate({ act: 'place', before: queue[at - 1].id })}
          >
            <ArrowUp size={15} />
          </button>
        )}
        {at >= 0 && at < queue.length - 1 && (
          <button
            className={sign}
            aria-label={`Make ${line.fileName} later`}
            title="Later"
            onClick={() => act.mutate({ act: 'place', before: queue[at + 2]?.id })}
          >
            <ArrowDown size={15} />
          </button>
        )}
        {line.open && line.state !== 'STOPPING' && (
          <button
            className={sign}
            aria-label={`Stop ${line.fileName}`}
            title="Stop"
            onClick={() => act.mutate({ act: 'stop' })}
          >
            <X size={15} />
          </button>
        )}
        {(line.state === 'FAILED' || line.state === 'STOPPED') && (
          <button
            className={sign}
            aria-label={`Make ${line.fileName} again`}
            title="Make it again"
            onClick={() => act.mutate({ act: 'again' })}
          >
            <RotateCcw size={15} />
          </button>
        )}
        {line.state === 'DONE' && line.bytes !== undefined && (
          <>
            <Link
              to={`/results/${line.id}`}
              className={sign}
              aria-label={`Look at ${line.fileName}`}
              title="Look at it, and its receipt"
            >
              <ScanEye size={16} />
            </Link>
            <a
              href={`/api/jobs/${line.id}/video?download=true`}
              className={sign}
              aria-label={`Download ${line.fileName}`}
              title="Download"
            >
              <Download size={15} />
            </a>
          </>
        )}
      </div>
    </li>
  );
}

function Fate({ line }: { line: OrderLine }) {
  if (line.state === 'DONE' && line.bytes === undefined) return <>Removed to keep space</>;
  if (line.state === 'DONE') {
    const came = `${line.bytes === undefined ? '' : bytes(line.bytes)}${line.seconds === undefined ? '' : ` in ${duration(line.seconds)}`}`;
    return (
      <>
        <span className="block text-ink">{came}</span>
        {line.estimatedBytes !== undefined && (
          <span className="block text-tiny">
            estimated {bytes(line.estimatedBytes)}
            {line.estimatedSeconds !== undefined && ` in ${duration(line.estimatedSeconds)}`}
          </span>
        )}
      </>
    );
  }
  if (line.state === 'RUNNING') {
    const percent = Math.round(100 * line.progress);
    return (
      <>
        <span
          role="progressbar"
          aria-label={line.fileName}
          aria-valuenow={percent}
          aria-valuemin={0}
          aria-valuemax={100}
          className="block h-1.5 overflow-hidden rounded bg-rule"
        >
          <span className="block h-full bg-accent" style={{ width: `${percent}%` }} />
        </span>
        <span className="mt-1 block text-tiny">
          {percent} %{line.secondsLeft !== undefined && `, about ${duration(line.secondsLeft)} left`}
        </span>
      </>
    );
  }
  const said = {
    WAITING: line.turn === 1 ? 'Next' : line.turn ? `Queued, number ${line.turn}` : 'Queued',
    HELD: 'Paused',
    STOPPING: 'Stopping',
    STOPPED: 'Stopped',
    FAILED: 'Failed',
  }[line.state];
  return <>{said}</>;
}
