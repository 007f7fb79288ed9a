import { newestOf } from '../api/newest';
import type { SpellingView } from '../api/types';

/** Words of a clip's track that are in no dictionary or glossary. */
export const misspelt = newestOf<SpellingView, ReadonlySet<number>>(
  'spelling',
  ({ wordIds }) => new Set(wordIds),
  new Set(),
);
