/** The order of work: tabs, keys and drawer are made from it. Some steps need a caption on the stage. */
export const STEPS = [
  { step: 'words', label: 'Words', key: '1' },
  { step: 'breaks', label: 'Breaks', key: '2' },
  { step: 'frame', label: 'Frame', key: '3', captions: true },
  { step: 'style', label: 'Style', key: '4', captions: true },
  { step: 'check', label: 'Check', key: '5', captions: true },
  { step: 'render', label: 'Render', key: '6' },
] as const;

export type StepName = (typeof STEPS)[number]['step'];

/** The step of an address; the first for one that is none. */
export const stepNamed = (name: string | undefined): StepName =>
  STEPS.find((s) => s.step === name)?.step ?? 'words';
