import { SmilePlus, X } from 'lucide-react';
import { EmojiDrawing } from '../../../emoji/EmojiDrawing';
import { EmojiPicker } from './EmojiPicker';

/** Chooses the emoji of words, or none. */
export function EmojiControl(props: {
  label: string;
  value: string;
  language: string;
  onNow: (emoji: string) => void;
}) {
  return (
    <div className="flex items-center gap-2">
      <EmojiPicker
        label={props.value ? `${props.label}: another` : `${props.label}: choose one`}
        language={props.language}
        className="field flex min-w-0 flex-1 items-center gap-2.5 px-2.5 py-1.5 text-left"
        onChoose={props.onNow}
      >
        {props.value ? <EmojiDrawing emoji={props.value} size={24} /> : <SmilePlus size={18} />}
        <span className="text-note text-soft">{props.value ? 'Choose another' : 'Choose an emoji'}</span>
      </EmojiPicker>
      {props.value && (
        <button
          aria-label={`${props.label}: none`}
          title="None"
          onClick={() => props.onNow('')}
          className="flex-none rounded p-1.5 text-soft hover:bg-sunk hover:text-ink"
        >
          <X size={16} />
        </button>
      )}
    </div>
  );
}
