import type { InvitationLink } from '../api/types';
import { CopyField } from '../ui/CopyField';

/** An invitation link to copy. */
export function HandedLink(props: { address: string; link: InvitationLink; about: string }) {
  const { address, link, about } = props;
  return (
    <div className="mt-4 max-w-2xl rounded-lg bg-tint px-4 py-3">
      <p className="mb-2 text-note">
        {about} Valid for {link.hours} hours.
      </p>
      <CopyField label="Link" text={`${address || window.location.origin}${link.path}`} />
    </div>
  );
}
