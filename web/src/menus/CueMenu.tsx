import { ContextMenu } from 'radix-ui';
import type { ReactNode } from 'react';
import { useChange } from '../api/changes';
import { useClip, useTrackNow } from '../api/queries';
import type { Cue } from '../api/types';
import { useChoices } from '../state/choices';
import { actionNamed, keysOf } from '../keys/actions';
import { type Hand, handOf } from '../keys/hand';
import { useSelection } from '../state/selection';
import { useTermOf } from '../state/termOf';

const ITEMS = [
  ['type', 'playCue', 'loopCue'],
  ['split', 'join', 'joinBefore', 'sendBack', 'sendOn', 'line', 'balance', 'release'],
  ['lens', 'in', 'out', 'lock'],
  ['emphasise', 'confirm', 'replace', 'delete'],
];

/** Commands for the cue or word under the pointer, each with its key. */
export function CueMenu(props: { clipId: string; cue: Cue; selected: boolean; children: ReactNode }) {
  const { clipId, cue, selected, children } = props;
  return (
    <ContextMenu.Root
      modal={false}
      onOpenChange={(open) => {
        if (open && !selected) useSelection.getState().select({ kind: 'cue', id: cue.id });
      }}
    >
      <ContextMenu.Trigger
        asChild
        onContextMenu={(e) => {
          const word = (e.target as HTMLElement).closest('[data-word]');
          if (word && !selected) {
            useSelection.getState().select({ kind: 'word', id: Number(word.getAttribute('data-word')) });
          }
        }}
      >
        {children}
      </ContextMenu.Trigger>
      <ContextMenu.Portal>
        <ContextMenu.Content className="z-50 min-w-72 rounded-lg border border-rule bg-paper p-1.5 shadow-xl">
          <Items clipId={clipId} />
        </ContextMenu.Content>
      </ContextMenu.Portal>
    </ContextMenu.Root>
  );
}

const ITEM =
  'flex items-center justify-between gap-8 rounded-md px-3 py-1 outline-none data-[disabled]:opacity-40 data-[highlighted]:bg-sunk';

function Items({ clipId }: { clipId: string }) {
  const { mutate } = useChange(clipId);
  const track = useTrackNow(clipId)();
  const keys = useChoices((s) => s.keys);
  if (!track) return null;
  const hand = handOf(clipId, track, mutate);
  return (
    <>
      <Commands hand={hand} keys={keys} />
      <TermItem clipId={clipId} word={hand.chosen?.text ?? ''} />
    </>
  );
}

function TermItem({ clipId, word }: { clipId: string; word: string }) {
  const clip = useClip(clipId).data;
  const { term, take } = useTermOf(clip, word);
  if (!term) return null;
  return (
    <ContextMenu.Item onSelect={take} className={ITEM}>
      “{term}” is a term of {clip?.client?.name ?? 'the workshop'}
    </ContextMenu.Item>
  );
}

function Commands({ hand, keys }: { hand: Hand; keys: Record<string, string[]> }) {
  return ITEMS.map((group, i) => (
    <ContextMenu.Group key={group[0]}>
      {i > 0 && <ContextMenu.Separator className="my-1.5 h-px bg-rule" />}
      {group.map((id) => {
        const action = actionNamed(id);
        const run = action.run(hand);
        return (
          <ContextMenu.Item key={id} disabled={!run} onSelect={() => run?.()} className={ITEM}>
            {action.label}
            <span className="text-tiny text-soft">{keysOf(action, keys)[0]}</span>
          </ContextMenu.Item>
        );
      })}
    </ContextMenu.Group>
  ));
}
