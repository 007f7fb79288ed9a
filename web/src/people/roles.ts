import type { Role } from '../api/types';

/** The roles with their permissions. */
export const ROLES: Record<Role, { label: string; may: string }> = {
  OWNER: { label: 'Owner', may: 'Owners do everything designers do, and manage people.' },
  DESIGNER: { label: 'Designer', may: 'Designers work on every clip, and hand out review links.' },
  REVIEWER: { label: 'Reviewer', may: 'Reviewers see what is shared with them, and comment on it.' },
};
