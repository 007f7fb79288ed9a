import { useState } from 'react';
import { useGoing, useKeep, useStorage } from '../api/workshop';
import type { Going, Retention, Storage } from '../api/types';
import { bytes } from '../orders/said';
import { useSettled } from '../ui/useSettled';

/** Used storage, and the retention of finished files. */
export function StoragePart() {
  const storage = useStorage();
  if (storage.error) return <p className="text-accent">{storage.error.message}</p>;
  if (!storage.data) return null;
  const { kept, disk } = storage.data;
  const used = disk.totalBytes - disk.freeBytes;
  const rows = [
    { label: `${kept.clips} ${kept.clips === 1 ? 'clip' : 'clips'}`, size: kept.clipBytes },
    { label: 'Working files: videos for the browser, posters, sounds', size: kept.besideBytes },
    { label: `${kept.renders} finished ${kept.renders === 1 ? 'file' : 'files'}`, size: kept.renderBytes },
    { label: 'Words, captions, styles and histories', size: kept.databaseBytes },
  ];
  return (
    <section aria-labelledby="storage">
      <h2 id="storage" className="mb-1 text-title font-semibold">
        What is kept
      </h2>
      <p className="mb-5 text-soft">
        {bytes(disk.freeBytes)} of {bytes(disk.totalBytes)} are free on its disk.
      </p>
      <div className="grid grid-cols-2 gap-12 max-[899px]:grid-cols-1">
        <div>
          <div className="mb-4 flex h-2 overflow-hidden rounded bg-sunk" aria-hidden>
            <span className="bg-accent" style={{ width: share(kept.allBytes + kept.databaseBytes, disk) }} />
            <span
              className="bg-rule"
              style={{ width: share(used - kept.allBytes - kept.databaseBytes, disk) }}
            />
          </div>
          <dl className="divide-y divide-rule border-y border-rule">
            {rows.map(({ label, size }) => (
              <div key={label} className="flex justify-between gap-4 py-2">
                <dt>{label}</dt>
                <dd className="flex-none text-soft">{bytes(size)}</dd>
              </div>
            ))}
          </dl>
          {kept.removed > 0 && (
            <p className="mt-3 text-note text-soft">
              {kept.removed === 1 ? 'One removed clip' : `${kept.removed} removed clips`} can still be brought
              back, and take room until then.
            </p>
          )}
        </div>
        <Keep storage={storage.data} />
      </div>
      <p className="mt-6 text-note text-soft">
        To save all of it in one file while work goes on:{' '}
        <code className="rounded bg-sunk px-1.5 py-0.5">./salt-drum backup FILE</code>
      </p>
    </section>
  );
}

const share = (size: number, disk: Storage['disk']) =>
  `${Math.min(100, Math.max(0.4, (100 * size) / disk.totalBytes))}%`;

/** Shows what would be deleted before saving. */
function Keep({ storage }: { storage: Storage }) {
  const [asked, setAsked] = useState<Retention>(storage.retention);
  const keep = useKeep();
  const settled = useSettled(asked, 300);
  const same = asked.days === storage.retention.days && asked.gigabytes === storage.retention.gigabytes;
  const would = useGoing(settled, !same).data;
  const going = same ? storage.going : would;
  return (
    <form
      onSubmit={(e) => {
        e.preventDefault();
        keep.mutate(asked);
      }}
    >
      <h3 className="mb-2 font-semibold">How long finished files are kept</h3>
      <p className="mb-3 text-note text-soft">
        Clips, captions, orders and receipts are not affected. Leave both fields empty to keep files for ever.
      </p>
      <div className="flex flex-wrap items-center gap-x-2 gap-y-2">
        <Count
          label="Days that a finished file is kept"
          value={asked.days}
          onChange={(days) => setAsked({ ...asked, days })}
        />
        days, and together at most
        <Count
          label="Gigabytes that finished files may have together"
          value={asked.gigabytes}
          onChange={(gigabytes) => setAsked({ ...asked, gigabytes })}
        />
        GB
      </div>
      {going && <Goes going={going} now={same} />}
      {!same && (
        <button className="mt-3 rounded-full bg-accent px-5 py-2 font-medium text-on-accent hover:brightness-110">
          Save
        </button>
      )}
    </form>
  );
}

function Goes({ going, now }: { going: Going[]; now: boolean }) {
  if (going.length === 0) {
    return (
      <p className="mt-3 text-note text-soft">
        {now ? 'Nothing is deleted.' : 'Nothing would be deleted now.'}
      </p>
    );
  }
  const size = bytes(going.reduce((sum, file) => sum + file.bytes, 0));
  const count = going.length === 1 ? 'One file' : `${going.length} files`;
  return (
    <div className="mt-3 rounded-lg bg-sunk px-4 py-3">
      <p className="font-medium">
        {count}, {size}, {now ? 'will be deleted within the hour' : 'would be deleted within the hour'}:
      </p>
      <ul className="mt-1 max-h-40 overflow-y-auto text-note">
        {going.map((file) => (
          <li key={file.jobId} className="flex gap-3">
            <span className="min-w-0 flex-1 truncate">{file.fileName}</span>
            <span className="text-soft">{new Date(file.finished).toLocaleDateString('en-GB')}</span>
          </li>
        ))}
      </ul>
    </div>
  );
}

function Count(props: { label: string; value?: number; onChange: (value?: number) => void }) {
  return (
    <input
      type="number"
      min={1}
      step={1}
      aria-label={props.label}
      value={props.value ?? ''}
      onChange={(e) =>
        props.onChange(Number(e.target.value) >= 1 ? Math.floor(Number(e.target.value)) : undefined)
      }
      className="w-20 field px-2 py-1.5"
    />
  );
}
