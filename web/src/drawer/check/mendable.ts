import type { Finding } from '../../api/types';

/** How many findings have a remedy. */
export const mendableOf = (findings: Finding[]): number =>
  findings.filter((f) => f.remedies.length > 0).length;
