import { Heading } from 'lucide-react';
import type { Clip, Headline } from '../api/types';
import { usePlayer } from '../player/player';
import { length, stamp } from '../player/time';
import { useSelection } from '../state/selection';
import { HeadlineText } from './HeadlineText';

const PLACES: Record<Headline['place'], string> = {
  ABOVE: 'above',
  OVER: 'over the picture',
  BELOW: 'below',
};

/** A headline as a line of the score: start, text, place and duration. */
export function HeadlineRow({ clip, headline }: { clip: Clip; headline: Headline }) {
  const here = useSelection((s) => s.selected.kind === 'headline' && s.selected.id === headline.id);
  const take = () => useSelection.getState().select({ kind: 'headline', id: headline.id });
  return (
    <div
      role="group"
      aria-label={`Headline at ${stamp(headline.fromMs)}`}
      onFocus={take}
      className={`relative my-1 flex gap-3 rounded-lg py-2 pr-3 pl-3 max-[699px]:gap-2 min-[700px]:@max-[400px]:gap-2 max-[699px]:px-2 min-[700px]:@max-[400px]:px-2 ${here ? 'bg-tint/60' : ''}`}
    >
      <button
        tabIndex={-1}
        onClick={() => {
          take();
          usePlayer.getState().seek(headline.fromMs);
        }}
        title="Select the headline"
        className="mt-[5px] h-6 w-[52px] flex-none text-right text-note text-soft hover:text-accent max-[699px]:w-11 min-[700px]:@max-[400px]:w-11"
      >
        {stamp(headline.fromMs)}
      </button>
      <div className="min-w-0 flex-1 border-l-2 border-rule pl-3">
        <HeadlineText
          clip={clip}
          headline={headline}
          label="Text of the headline"
          className="rounded-md bg-transparent text-score font-semibold outline-offset-2"
        />
        <p className="flex items-center gap-1.5 text-tiny text-soft">
          <Heading size={12} aria-hidden /> headline, {PLACES[headline.place]},{' '}
          {headline.toMs === undefined ? 'to the end' : `for ${length(headline.toMs - headline.fromMs)}`}
        </p>
      </div>
    </div>
  );
}
