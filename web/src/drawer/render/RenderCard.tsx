import { Check, ChevronRight, Download, Trash2 } from 'lucide-react';
import { Link } from 'react-router';
import { bodyOf, server } from '../../api/server';
import { useReceipt } from '../../api/orders';
import { keys } from '../../api/queryKeys';
import { queryClient } from '../../api/queryClient';
import type { Job } from '../../api/types';
import { useNotices } from '../../notices/notices';

/** A render that is done, failed or was stopped. */
export function RenderCard({ job }: { job: Job }) {
  const notice = useNotices((s) => s.say);
  const remove = async () => {
    try {
      await bodyOf(server.DELETE('/api/jobs/{jobId}', { params: { path: { jobId: job.id } } }));
    } catch (error) {
      notice((error as Error).message);
    }
    void queryClient.invalidateQueries({ queryKey: keys.jobs(job.clipId) });
  };
  const when = new Date(job.created).toLocaleTimeString('en-GB', { hour: '2-digit', minute: '2-digit' });
  const gone = job.state === 'DONE' && job.outputName === undefined;
  return (
    <div className="overflow-hidden rounded-lg bg-paper">
      {job.state === 'DONE' && /\.(webp|gif|png)$/.test(job.outputName ?? '') && (
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
            {job.state === 'DONE'
              ? (job.outputName ?? job.fileName)
              : job.state === 'STOPPED'
                ? 'Stopped'
                : 'Failed'}
          </span>
          <span className="block text-soft">{job.state === 'FAILED' || gone ? job.message : when}</span>
        </span>
        {job.state === 'DONE' && !gone && (
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

/** The verdict of the receipt; a click opens the comparison with the stage. */
function ReceiptPart({ jobId }: { jobId: string }) {
  const receipt = useReceipt(jobId).data;
  if (!receipt) return null;
  const bad = receipt.lines.filter((line) => !line.good).length;
  const pieces = receipt.lines.find((line) => line.what === 'Pieces');
  return (
    <Link
      to={`/results/${jobId}`}
      className="flex items-center gap-2 border-t border-rule px-3 py-2 text-note hover:text-accent"
    >
      {bad === 0 ? <Check size={14} className="flex-none" /> : null}
      <span className={`min-w-0 flex-1 ${bad === 0 ? '' : 'text-accent'}`}>
        {bad === 0 ? 'Verified: no problems' : bad === 1 ? '1 problem found' : `${bad} problems found`}
        {pieces && <span className="block text-soft">Pieces: {pieces.measured}</span>}
      </span>
      <ChevronRight size={14} className="flex-none" />
    </Link>
  );
}
