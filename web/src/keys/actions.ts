import type { Action } from './actions/action';
import { BREAK } from './actions/break';
import { GO } from './actions/go';
import { LISTEN } from './actions/listen';
import { STEP } from './actions/step';
import { TIME } from './actions/time';
import { WRITE } from './actions/write';

export type { Action } from './actions/action';

export const ACTIONS: Action[] = [...LISTEN, ...GO, ...WRITE, ...BREAK, ...TIME, ...STEP];

/** The keys of an action: chosen ones, else those it ships with. */
export const keysOf = (action: Action, chosen: Record<string, string[]>) => chosen[action.id] ?? action.keys;

export const actionNamed = (id: string) => ACTIONS.find((a) => a.id === id)!;
