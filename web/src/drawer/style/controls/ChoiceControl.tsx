import type { Backing, Ink, Look, Rim } from '../../../api/types';

/** What the choices are called; the compiler says when the server has another. */
const WORDS: Record<NonNullable<Look['letters' | 'align' | 'grow' | 'fit']>, string> = {
  AS_WRITTEN: 'As written',
  UPPER: 'Capitals',
  LOWER: 'Small letters',
  TITLE: 'Title',
  START: 'Start',
  CENTRE: 'Centre',
  END: 'End',
  UP: 'Upwards',
  BOTH: 'Both ways',
  DOWN: 'Downwards',
  CUE: 'Shrink the cue',
  WORD: 'Shrink the word',
  ALL: 'Shrink all alike',
  BREAK: 'Break into more lines',
  HYPHENATE: 'Hyphenate the word',
};

const BEHIND: Record<Backing['behind'], string> = {
  WORD: 'Each word',
  LINE: 'Each line',
  CUE: 'The cue',
  FRAME: 'Full width',
};
const FORM: Record<Backing['form'], string> = {
  BOX: 'Box',
  PILL: 'Pill',
  TORN: 'Torn strip',
  BUBBLE: 'Speech bubble',
};
const ACROSS: Record<Extract<Ink, { kind: 'blend' }>['across'], string> = {
  LETTER: 'Each letter',
  WORD: 'Each word',
  LINE: 'Each line',
  CUE: 'The cue',
};
const JOIN: Record<NonNullable<Rim['join']>, string> = { round: 'Round', miter: 'Pointed', bevel: 'Cut' };

export const NAMES = { WORDS, BEHIND, FORM, ACROSS, JOIN };

export function ChoiceControl(props: {
  label: string;
  value: string;
  options: string[];
  names?: Record<string, string>;
  onNow: (value: string) => void;
}) {
  const names: Record<string, string> = props.names ?? WORDS;
  return (
    <label className="flex items-center justify-between gap-2">
      <span className="min-w-0 flex-1 truncate">{props.label}</span>
      <select
        aria-label={props.label}
        value={props.value}
        onChange={(e) => props.onNow(e.target.value)}
        className="field w-36 flex-none px-1.5 py-1"
      >
        {props.options.map((option) => (
          <option key={option} value={option}>
            {names[option] ?? option}
          </option>
        ))}
      </select>
    </label>
  );
}
