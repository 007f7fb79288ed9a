import { Download, Pause, Play } from 'lucide-react';
import { useQuery } from '@tanstack/react-query';
import { useEffect, useState } from 'react';
import { Link, useParams } from 'react-router';
import { bodyOf, server } from '../api/server';
import { useOrderedStage, useReceipt } from '../api/orders';
import { useClip } from '../api/queries';
import type { Job } from '../api/types';
import { PageHeader } from '../header/PageHeader';
import { One, OneOf } from '../ui/OneOf';
import { stamp } from '../player/time';
import { Difference } from './Difference';
import { ReceiptTable } from './ReceiptTable';
import { Reference, type Beside } from './Reference';
import { useTogether } from './useTogether';
import { Slider } from '../ui/Slider';

const VIDEO = /\.(mp4|webm)$/;

/** A finished file compared with its source, and its receipt. */
export function Result() {
  const { jobId = '' } = useParams();
  const job = useQuery({
    queryKey: ['job', jobId],
    queryFn: () => bodyOf(server.GET('/api/jobs/{jobId}', { params: { path: { jobId } } })),
  });
  const stage = useOrderedStage(jobId).data;
  const receipt = useReceipt(jobId);
  const name = job.data?.outputName ?? '';
  return (
    <main className="min-h-full px-8 pb-10 max-[699px]:px-4">
      <title>{`${name} · Salt Drum`}</title>
      <PageHeader>
        {name && (
          <a
            href={`/api/jobs/${jobId}/video?download=true`}
            className="flex items-center gap-2 rounded-full bg-accent px-5 py-2.5 font-medium text-on-accent hover:brightness-110"
          >
            <Download size={16} /> Download
          </a>
        )}
      </PageHeader>
      <div className="mx-auto grid max-w-6xl grid-cols-[minmax(0,1fr)_300px] gap-8 max-[899px]:grid-cols-1">
        <section aria-label="Compare" className="min-w-0">
          <h1 className="mb-3 truncate text-lead font-semibold">{name}</h1>
          {job.error && <p className="text-accent">{job.error.message}</p>}
          {job.data && stage && VIDEO.test(name) ? (
            <Panes job={job.data} stage={stage} />
          ) : (
            job.data && name && <Alone jobId={jobId} name={name} />
          )}
        </section>
        <section aria-label="Receipt">
          <h2 className="mb-3 text-lead font-semibold">Receipt</h2>
          {receipt.data ? (
            <ReceiptTable receipt={receipt.data} jobId={jobId} />
          ) : (
            <p className="text-soft">{receipt.error?.message}</p>
          )}
          {job.data && (
            <p className="mt-5 text-note">
              <Link to={`/clips/${job.data.clipId}/render`} className="text-accent underline">
                To the clip
              </Link>
            </p>
          )}
        </section>
      </div>
    </main>
  );
}

function Alone({ jobId, name }: { jobId: string; name: string }) {
  const source = `/api/jobs/${jobId}/video`;
  if (/\.(png|webp|gif)$/.test(name)) {
    return <img src={source} alt={name} className="max-h-[70vh] rounded-lg bg-stage object-contain" />;
  }
  if (/\.m4a$/.test(name)) return <audio controls src={source} className="w-full" />;
  return <p className="text-soft">Browsers cannot show this kind of file. Download it.</p>;
}

function Panes({ job, stage }: { job: Job; stage: NonNullable<ReturnType<typeof useOrderedStage>['data']> }) {
  const clip = useClip(job.clipId).data;
  const [beside, setBeside] = useState<Beside>('stage');
  const [result, setResult] = useState<HTMLVideoElement | null>(null);
  const [source, setSource] = useState<HTMLVideoElement | null>(null);
  const together = useTogether(result, source);
  const [room, setRoom] = useState(300);
  const { output } = stage.layout;
  const aspect = output.width / output.height;
  useEffect(() => {
    const measure = () => {
      const across = Math.min(document.documentElement.clientWidth, 1152 + 64) - 64 - 332;
      const width = Math.max(140, Math.floor((Math.max(across, 330) - 32) / 3));
      setRoom(Math.min(width, Math.floor((window.innerHeight - 300) * aspect)));
    };
    measure();
    window.addEventListener('resize', measure);
    return () => window.removeEventListener('resize', measure);
  }, [aspect]);
  if (!clip) return null;
  const height = Math.round(room / aspect);
  const head = 'mb-1.5 flex h-8 items-center text-note text-soft';
  return (
    <>
      <div className="flex flex-wrap gap-4">
        <div>
          <OneOf
            label="Beside it"
            value={beside}
            onChange={(value) => setBeside(value as Beside)}
            className="mb-1.5 flex h-8 rounded-full bg-sunk p-0.5 text-note"
          >
            {(['stage', 'clip'] as const).map((value) => (
              <One
                key={value}
                value={value}
                className="flex-1 rounded-full text-soft data-[state=checked]:bg-paper data-[state=checked]:font-semibold data-[state=checked]:text-ink"
              >
                {value === 'stage' ? 'Stage' : 'Clip'}
              </One>
            ))}
          </OneOf>
          <Reference
            clip={clip}
            stage={stage}
            beside={beside}
            width={room}
            video={source}
            onVideo={setSource}
          />
        </div>
        <div>
          <p className={head}>Result</p>
          <video
            ref={setResult}
            src={`/api/jobs/${job.id}/video`}
            preload="auto"
            playsInline
            aria-label="Result"
            style={{ width: room, height }}
            className="rounded-[3px] bg-stage object-fill"
          />
        </div>
        <div>
          <p className={head}>Difference, eight times as strong</p>
          <Difference result={result} beside={beside} width={room} height={height} />
        </div>
      </div>
      <div className="mt-4 flex items-center gap-3">
        <button
          aria-label={together.playing ? 'Pause' : 'Play'}
          onClick={together.toggle}
          className="flex size-9 flex-none items-center justify-center rounded-full bg-sunk hover:bg-rule"
        >
          {together.playing ? <Pause size={16} /> : <Play size={16} />}
        </button>
        <Slider
          aria-label="Time"
          min={0}
          max={Math.max(0.1, clip.durationMs / 1000)}
          step={1 / clip.frameRate}
          value={together.seconds}
          set={together.seek}
          className="min-w-0 flex-1 [--knob:var(--accent)]"
        />
        <span className="w-20 flex-none text-right text-note text-soft">
          {stamp(together.seconds * 1000)}
        </span>
      </div>
    </>
  );
}
