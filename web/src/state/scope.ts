import { create } from 'zustand';
import type { Track } from '../api/types';
import type { Target } from '../api/looks';
import { chosenCues, type Selected } from './selection';

/** The target of a change of the look. */
export type Scope = 'track' | 'cue' | 'word' | 'role' | 'headline';

/** The chosen target; the track if nothing is selected. */
export const useScope = create<{ scope: Scope; role: number }>(() => ({ scope: 'track', role: 1 }));

export interface Reach {
  scope: Scope;
  target: Target;
  /** “the whole track: 19 cues” */
  said: string;
}

const count = (n: number, what: string) => `${n} ${what}${n === 1 ? '' : 's'}`;

export function reachOf(
  track: Track,
  selected: Selected,
  scope: Scope,
  role: number,
  roles: string[],
): Reach {
  const headline =
    selected.kind === 'headline' ? track.headlines.find((one) => one.id === selected.id) : undefined;
  if (headline) {
    const text = headline.text.replace(/\s+/g, ' ');
    return { scope: 'headline', target: { headlineId: headline.id }, said: `the headline “${text}”` };
  }
  const cues = chosenCues(track, selected);
  const word = selected.kind === 'word' ? cues[0]?.words.find((w) => w.id === selected.id) : undefined;
  if (scope === 'word' && word) {
    return { scope, target: { wordIds: [word.id] }, said: `one word: “${word.text}”` };
  }
  if (scope === 'cue' && cues.length > 0) {
    const number = track.cues.indexOf(cues[0]) + 1;
    return {
      scope,
      target: { cueIds: cues.map((c) => c.id) },
      said:
        cues.length === 1 ? `cue ${number}` : `${cues.length} cues, ${number} to ${number + cues.length - 1}`,
    };
  }
  if (scope === 'role') {
    const words = track.cues.flatMap((c) => c.words).filter((w) => w.emphasis === role).length;
    return {
      scope,
      target: { role },
      said: `every word marked “${roles[role - 1] ?? `emphasis ${role}`}”: ${count(words, 'word')}`,
    };
  }
  const locked = track.cues.filter((c) => c.locked).length;
  const but = locked === 0 ? '' : `, without ${count(locked, 'locked cue')}`;
  return {
    scope: 'track',
    target: {},
    said: `the whole track: ${count(track.cues.length - locked, 'cue')}${but}`,
  };
}
