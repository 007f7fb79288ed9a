import type { Asked, Output } from '../api/types';

/** What an order is made of: every output of every clip, in every style, frame and language. */
export type Axes = Required<Pick<Asked, 'clips' | 'languages' | 'styles' | 'frames' | 'sidecars'>> & {
  outputs: Output['output'][];
};
