/** The order of work: tabs, keys and drawer are made from it. */
export const STEPS = [
  { step: 'words', label: 'Words', key: '1' },
  { step: 'breaks', label: 'Breaks', key: '2' },
  { step: 'frame', label: 'Frame', key: '3' },
  { step: 'style', label: 'Style', key: '4' },
  { step: 'check', label: 'Check', key: '5' },
  { step: 'render', label: 'Render', key: '6' },
] as const;

export type StepName = (typeof STEPS)[number]['step'];

/** The step of an address; the first for one that is none. */
export const stepNamed = (name: string | undefined): StepName =>
  STEPS.find((s) => s.step === name)?.step ?? 'words';
