import { Download, Trash2 } from 'lucide-react';
import { call } from '../../api/http';
import { keys } from '../../api/queries';
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
      {job.state === 'DONE' && (
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
    </div>
  );
}
