import type { Edit, Finding } from '../../api/types';

/** The first remedy of each finding that has one. */
export const mending = (findings: Finding[]): Edit[] =>
  findings.flatMap((f) => (f.remedies[0] ? [f.remedies[0].edit as Edit] : []));
