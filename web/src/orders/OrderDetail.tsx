import { Download, Pause, Play, RotateCcw, Square, Trash2 } from 'lucide-react';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import { useActOnOrder, useOneOrder, useRemoveOrder } from '../api/orders';
import { LineRow } from './LineRow';
import { bytes, duration, when } from './said';

const quiet =
  'flex items-center gap-1.5 rounded-full border border-rule px-3.5 py-1.5 text-note hover:border-ink disabled:opacity-40';

/** One order: progress, commands and files. */
export function OrderDetail({ id }: { id: string }) {
  const view = useOneOrder(id);
  const act = useActOnOrder(id);
  const remove = useRemoveOrder(id);
  const navigate = useNavigate();
  const [sure, setSure] = useState(false);
  if (view.error) return <p className="text-accent">{view.error.message}</p>;
  if (!view.data) return null;
  const { order, lines } = view.data;
  const waiting = lines.some((l) => l.state === 'WAITING');
  const held = order.held > 0;
  const open = lines.some((l) => l.open);
  const unknown = lines.some((l) => l.state === 'WAITING' && l.estimatedSeconds === undefined);
  const left = lines.reduce(
    (sum, l) => sum + (l.secondsLeft ?? (l.state === 'WAITING' ? (l.estimatedSeconds ?? 0) : 0)),
    0,
  );
  return (
    <section aria-label="Order" className="min-w-0">
      <div className="mb-4 flex flex-wrap items-center gap-2">
        <div className="min-w-60 flex-1">
          <h2 className="truncate text-lead font-semibold">{order.label}</h2>
          <p className="text-note text-soft" aria-live="polite">
            Ordered {when(order.created)} · {order.done} of {order.lines}{' '}
            {order.lines === 1 ? 'file' : 'files'} done
            {order.bytes > 0 && ` · ${bytes(order.bytes)}`}
            {open && left > 0 && ` · ${unknown ? 'at least' : 'about'} ${duration(left)} left`}
          </p>
        </div>
        {waiting && (
          <button className={quiet} onClick={() => act.mutate('hold')}>
            <Pause size={14} /> Pause
          </button>
        )}
        {held && (
          <button className={quiet} onClick={() => act.mutate('release')}>
            <Play size={14} /> Go on
          </button>
        )}
        {open && (
          <button className={quiet} onClick={() => act.mutate('stop')}>
            <Square size={13} /> Stop all
          </button>
        )}
        {order.ended > 0 && !open && (
          <button className={quiet} onClick={() => act.mutate('again')}>
            <RotateCcw size={14} /> Make {order.ended === 1 ? 'it' : `these ${order.ended}`} again
          </button>
        )}
        {!open && (
          <button
            className={`${quiet} ${sure ? 'border-accent text-accent' : ''}`}
            onClick={() => {
              if (!sure) {
                setSure(true);
                setTimeout(() => setSure(false), 4000);
              } else remove.mutate(undefined, { onSuccess: () => void navigate('/orders') });
            }}
          >
            <Trash2 size={14} /> {sure ? 'Remove it and its files?' : 'Remove'}
          </button>
        )}
        {order.done > 0 && (
          <a
            href={`/api/orders/${id}/zip`}
            download
            className="flex items-center gap-1.5 rounded-full bg-accent px-4 py-1.5 font-medium text-on-accent hover:brightness-110"
          >
            <Download size={15} /> All {order.done} as one ZIP
          </a>
        )}
      </div>
      <ul className="divide-y divide-rule rounded-lg bg-paper">
        {lines.map((line) => (
          <LineRow key={line.id} line={line} lines={lines} />
        ))}
      </ul>
    </section>
  );
}
