import type { Role } from '../api/types';

/** What people are to a workshop, and what they may. */
export const ROLES: Record<Role, { label: string; may: string }> = {
  OWNER: { label: 'Owner', may: 'Owners do everything designers do, and manage people.' },
  DESIGNER: { label: 'Designer', may: 'Designers work on every clip, and hand out review links.' },
  REVIEWER: { label: 'Reviewer', may: 'Reviewers see what is shared with them, and comment on it.' },
};
