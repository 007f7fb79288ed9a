import { Archive, ArchiveRestore, Copy, Ellipsis, Package, PenLine, Trash2, Undo2 } from 'lucide-react';
import { DropdownMenu } from 'radix-ui';
import type { ReactNode } from 'react';
import { useActOnClip } from '../api/shelf';
import type { Clip } from '../api/types';

const item =
  'flex cursor-pointer items-center gap-3 rounded-md px-3 py-1.5 outline-none data-[highlighted]:bg-sunk';

/** Actions on a whole clip. */
export function ClipMenu({ clip, onRename }: { clip: Clip; onRename: () => void }) {
  const act = useActOnClip(clip);
  return (
    <DropdownMenu.Root modal={false}>
      <DropdownMenu.Trigger
        aria-label={`More of ${clip.name}`}
        className="absolute top-2 right-2 flex size-8 items-center justify-center rounded-full bg-stage/70 text-white opacity-0 group-hover:opacity-100 focus-visible:opacity-100 data-[state=open]:opacity-100 pointer-coarse:opacity-100"
      >
        <Ellipsis size={17} />
      </DropdownMenu.Trigger>
      <DropdownMenu.Portal>
        <DropdownMenu.Content
          align="start"
          sideOffset={6}
          className="z-50 min-w-52 rounded-lg border border-rule bg-paper p-1.5 shadow-xl"
        >
          {clip.shelf === 'REMOVED' ? (
            <>
              <Item icon={<Undo2 size={15} />} onSelect={() => act.mutate({ act: 'back' })}>
                Restore
              </Item>
              <DropdownMenu.Separator className="my-1.5 h-px bg-rule" />
              <Item icon={<Trash2 size={15} />} onSelect={() => act.mutate({ act: 'forget' })}>
                Delete permanently
              </Item>
            </>
          ) : (
            <>
              <Item icon={<PenLine size={15} />} onSelect={onRename}>
                Rename
              </Item>
              <Item icon={<Copy size={15} />} onSelect={() => act.mutate({ act: 'copy' })}>
                Copy with its captions
              </Item>
              <DropdownMenu.Item asChild>
                <a href={`/api/clips/${clip.id}/package`} download className={item}>
                  <span className="text-soft">
                    <Package size={15} />
                  </span>
                  Download as one file
                </a>
              </DropdownMenu.Item>
              {clip.shelf === 'ARCHIVED' ? (
                <Item icon={<ArchiveRestore size={15} />} onSelect={() => act.mutate({ act: 'unarchive' })}>
                  Move out of the archive
                </Item>
              ) : (
                <Item icon={<Archive size={15} />} onSelect={() => act.mutate({ act: 'archive' })}>
                  Move to the archive
                </Item>
              )}
              <DropdownMenu.Separator className="my-1.5 h-px bg-rule" />
              <Item icon={<Trash2 size={15} />} onSelect={() => act.mutate({ act: 'remove' })}>
                Remove
              </Item>
            </>
          )}
        </DropdownMenu.Content>
      </DropdownMenu.Portal>
    </DropdownMenu.Root>
  );
}

function Item(props: { icon: ReactNode; onSelect: () => void; children: ReactNode }) {
  return (
    <DropdownMenu.Item onSelect={props.onSelect} className={item}>
      <span className="text-soft">{props.icon}</span>
      {props.children}
    </DropdownMenu.Item>
  );
}
