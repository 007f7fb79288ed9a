import { Check, ChevronDown, Download, Trash2 } from 'lucide-react';
import { useState } from 'react';
import { call } from '../../api/http';
import { keys, useReceipt } from '../../api/queries';
import { queryClient } from '../../api/queryClient';
import type { Job } from '../../api/types';
import { useNotices } from '../../notices/notices';

/** A render that is done, failed or was stopped. */
export function RenderCard({ job }: { job: Job }) {
  const notice = useNotices((s) => s.say);
  const remove = async () => {
    try {
      await call('DELETE', `/api/jobs/${job.id}`);
    } catch (error) {
      notice((error as Error).message);
    }
    void queryClient.invalidateQueries({ queryKey: keys.jobs(job.clipId) });
  };
  const when = new Date(job.created).toLocaleTimeString('en-GB', { hour: '2-digit', minute: '2-digit' });
  return (
    <div className="overflow-hidden rounded-lg bg-paper">
      {job.state === 'DONE' && /\.(webp|gif)$/.test(job.outputName ?? '') && (
        <img
          alt={`Render ${job.outputName}`}
          src={`/api/jobs/${job.id}/video`}
          className="max-h-72 w-full bg-stage object-contain"
        />
      )}
      {job.state === 'DONE' && /\.m4a$/.test(job.outputName ?? '') && (
        <audio controls preload="metadata" src={`/api/jobs/${job.id}/video`} className="w-full" />
      )}
      {job.state === 'DONE' && /\.(mp4|webm)$/.test(job.outputName ?? '') && (
        <video
          controls
          preload="metadata"
          aria-label={`Render ${job.outputName}`}
          src={`/api/jobs/${job.id}/video#t=1`}
          className="max-h-72 w-full bg-stage"
        />
      )}
      <div className="flex items-center gap-2 px-3 py-2.5">
        <span className="min-w-0 flex-1 text-note">
          <span className="block truncate font-medium">
            {job.state === 'DONE' ? job.outputName : job.state === 'STOPPED' ? 'Stopped' : 'It did not work'}
          </span>
          <span className="block text-soft">{job.state === 'FAILED' ? job.message : when}</span>
        </span>
        {job.state === 'DONE' && (
          <a
            href={`/api/jobs/${job.id}/video?download=true`}
            aria-label={`Download ${job.outputName}`}
            title="Download"
            className="flex size-9 items-center justify-center rounded-full bg-accent text-on-accent hover:brightness-110"
          >
            <Download size={16} />
          </a>
        )}
        <button
          onClick={() => void remove()}
          aria-label="Remove this render"
          title="Remove"
          className="flex size-9 items-center justify-center rounded-full text-soft hover:bg-sunk hover:text-ink"
        >
          <Trash2 size={16} />
        </button>
      </div>
      {job.state === 'DONE' && <ReceiptPart jobId={job.id} />}
    </div>
  );
}

/** What was measured on the finished file. */
function ReceiptPart({ jobId }: { jobId: string }) {
  const [open, setOpen] = useState(false);
  const receipt = useReceipt(jobId, true).data;
  if (!receipt) return null;
  const bad = receipt.lines.filter((line) => !line.good).length;
  return (
    <div className="border-t border-rule px-3 py-2 text-note">
      <button
        aria-expanded={open}
        onClick={() => setOpen(!open)}
        className="flex w-full items-center justify-between text-left hover:text-accent"
      >
        {bad === 0 ? (
          <span className="flex items-center gap-1.5">
            <Check size={14} /> Looked at: all as it should be
          </span>
        ) : (
          <span className="text-accent">
            {bad === 1 ? 'One thing is' : `${bad} things are`} not as they should be
          </span>
        )}
        <ChevronDown size={14} className={open ? '' : '-rotate-90'} />
      </button>
      {open && (
        <>
          <table className="mt-2 w-full">
            <tbody>
              {receipt.lines.map((line) => (
                <tr key={line.what} className="align-baseline">
                  <th scope="row" className="py-0.5 pr-3 text-left font-normal text-soft">
                    {line.what}
                  </th>
                  <td className={line.good ? '' : 'font-semibold text-accent'}>{line.measured}</td>
                </tr>
              ))}
            </tbody>
          </table>
          <a href={`/api/jobs/${jobId}/receipt`} className="mt-1 inline-block text-accent hover:underline">
            As JSON
          </a>
        </>
      )}
    </div>
  );
}
