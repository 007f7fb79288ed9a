import { Send } from 'lucide-react';
import { useState } from 'react';
import { useSession } from '../../api/people';
import { useHandOut, useReviews } from '../../api/reviews';
import type { Clip, Job } from '../../api/types';
import { MainButton, Section } from '../../ui/parts';
import { usePanels } from '../../state/panels';
import { ReviewCard } from './ReviewCard';

const DAYS = [3, 7, 14, 30, 90];

/** Review links for the client, with their remarks. */
export function HandPart({ clip, version, jobs }: { clip: Clip; version: number; jobs: Job[] }) {
  const reviews = useReviews(clip.id, version).data ?? [];
  const films = jobs.filter((j) => j.film);
  const [making, setMaking] = useState(false);
  return (
    <Section title="Show it to the client">
      {reviews.length > 0 && (
        <ul className="mb-4 space-y-3">
          {reviews.map((review) => (
            <li key={review.id}>
              <ReviewCard review={review} newest={films[0]} />
            </li>
          ))}
        </ul>
      )}
      {making ? (
        <NewLink clip={clip} films={films} onDone={() => setMaking(false)} />
      ) : (
        <button
          onClick={() => setMaking(true)}
          className="flex w-full items-center gap-2 rounded-full border border-rule px-4 py-2 hover:border-ink"
        >
          <Send size={15} /> {reviews.length > 0 ? 'Another link' : 'Make a review link'}
        </button>
      )}
    </Section>
  );
}

function NewLink({ clip, films, onDone }: { clip: Clip; films: Job[]; onDone: () => void }) {
  const [film, setFilm] = useState(films[0]?.id ?? '');
  const [days, setDays] = useState(14);
  const [note, setNote] = useState('');
  const onStage = usePanels((s) => s.onStage);
  const handOut = useHandOut(clip.id);
  const session = useSession().data;
  const field = 'field w-full px-2.5 py-1.5';
  return (
    <form
      aria-label="A review link"
      onSubmit={(e) => {
        e.preventDefault();
        handOut.mutate(
          { jobId: film || undefined, language: film ? undefined : (onStage ?? undefined), days, note },
          { onSuccess: onDone },
        );
      }}
    >
      <label className="mb-3 block">
        <span className="mb-1 block text-note text-soft">It shows</span>
        <select value={film} onChange={(e) => setFilm(e.target.value)} className={field}>
          {films.map((job) => (
            <option key={job.id} value={job.id}>
              {job.outputName}
            </option>
          ))}
          <option value="">The stage, as it is whenever they look</option>
        </select>
      </label>
      <label className="mb-3 block">
        <span className="mb-1 block text-note text-soft">Message to the client</span>
        <textarea
          value={note}
          rows={2}
          maxLength={1000}
          onChange={(e) => setNote(e.target.value)}
          className={field}
        />
      </label>
      <label className="mb-4 flex items-center gap-2">
        <span className="text-note text-soft">Valid for</span>
        <select value={days} onChange={(e) => setDays(Number(e.target.value))} className="field px-2 py-1">
          {DAYS.map((d) => (
            <option key={d} value={d}>
              {d} days
            </option>
          ))}
        </select>
      </label>
      <MainButton disabled={handOut.isPending}>
        <Send size={15} /> Make the link
      </MainButton>
      <p className="mt-2 text-note text-soft">
        Anyone with the link sees only this, and answers without an account.
        {session && !session.address && (
          <> The link points to this machine. Others can open it only if the workshop has its own address.</>
        )}
      </p>
    </form>
  );
}
