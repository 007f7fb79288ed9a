/** Every key of the bench, in the order of the list that `?` shows. */
export const KEY_GROUPS: { title: string; keys: [string, string][] }[] = [
  {
    title: 'Listen',
    keys: [
      ['Space', 'Play or pause'],
      ['P', 'Play just this cue'],
      ['J · L', 'Back or on by a second'],
      [', · .', 'Back or on by a frame'],
      ['Home · End', 'To the beginning or the end'],
    ],
  },
  {
    title: 'Go',
    keys: [
      ['← · →', 'Word before or after'],
      ['↑ · ↓', 'Cue before or after'],
      ['U', 'Next word that is unsure'],
      ['Esc', 'Nothing selected'],
    ],
  },
  {
    title: 'Change',
    keys: [
      ['Enter', 'Type in the cue'],
      ['E', 'Emphasise the word, or make it plain'],
      ['C', 'Confirm the word'],
      ['B', 'Split the cue before the word'],
      ['N', 'Join with the next cue'],
      ['Shift ← · →', 'Send the word to the cue before or after'],
      ['Ctrl Z', 'Undo'],
      ['Ctrl Shift Z', 'Redo'],
      ['?', 'These keys'],
    ],
  },
];
