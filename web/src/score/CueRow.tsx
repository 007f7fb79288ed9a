import { Aperture, ArrowDownToLine, Hand, Lock, LockOpen, Pencil, Scissors } from 'lucide-react';
import { memo, useEffect, useRef } from 'react';
import { useChange } from '../api/changes';
import { useTrackNow } from '../api/queries';
import type { Clip, Cue } from '../api/types';
import { IconButton } from '../ui/IconButton';
import { useNotices } from '../notices/notices';
import { usePanels } from '../state/panels';
import { settings } from '../state/setting';
import { CueMenu } from '../menus/CueMenu';
import { usePlayer } from '../player/player';
import { stamp } from '../player/time';
import { chosenCues, useSelection } from '../state/selection';
import { BesideLine } from './BesideLine';
import { CueText } from './CueText';
import { Lens } from './Lens';
import { goTo, findings } from '../state/findings';
import { useLitMark } from '../state/lit';
import { OthersIn } from './OthersIn';
import { RemarksIn } from './RemarksIn';
import { ScoreWord } from './ScoreWord';

/** One cue of the score: its time, its lines over their sound, its reading speed; its tools where the hand is. */
export const CueRow = memo(function CueRow(props: {
  clip: Clip;
  cue: Cue;
  last: boolean;
  peaks: Uint8Array | undefined;
  beside: string | null;
  translated: Cue | undefined;
  /** The name of who begins to speak here; null where the one before goes on. */
  speaker: string | null;
}) {
  const { clip, cue, last, peaks, beside } = props;
  const change = useChange(clip.id);
  const trackNow = useTrackNow(clip.id);
  const row = useRef<HTMLDivElement>(null);
  useLitMark(row, 'data-shown', 'cueId', cue.id);
  const selectedWord = useSelection((s) => {
    const { selected } = s;
    return selected.kind === 'word' && cue.words.some((w) => w.id === selected.id) ? selected.id : null;
  });
  const selected = useSelection((s) => {
    if (s.selected.kind === 'cue') return s.selected.id === cue.id;
    const track = s.selected.kind === 'run' ? trackNow() : undefined;
    return track !== undefined && chosenCues(track, s.selected).some((c) => c.id === cue.id);
  });
  const inRun = useSelection((s) => s.selected.kind === 'run') && selected;
  const asked = useSelection((s) =>
    s.typing && 'cueId' in s.typing && s.typing.cueId === cue.id ? s.typing : null,
  );
  const typing = cue.locked || asked?.onStage ? null : asked;
  useEffect(() => {
    if (!asked || !cue.locked) return;
    useSelection.getState().endTyping();
    useNotices.getState().say('This cue is locked, so nothing was typed. X unlocks it.');
  }, [asked, cue.locked]);
  const here = selected || selectedWord !== null;
  const lens = usePanels((s) => s.lens) && here && !inRun;
  const { select, type, extendTo } = useSelection.getState();
  const lines = linesOf(cue);
  const splitAt = selectedWord !== null && cue.words[0].id !== selectedWord ? selectedWord : null;
  return (
    <CueMenu clipId={clip.id} cue={cue} selected={here}>
      <div
        ref={row}
        role="group"
        aria-label={`Cue at ${stamp(cue.showMs)}`}
        data-cue={cue.id}
        className={`group relative rounded-lg py-2 pr-3 pl-3 max-[699px]:px-2 min-[700px]:@max-[400px]:px-2 ${selected ? 'bg-tint/60' : here ? 'bg-paper' : 'data-shown:bg-paper'}`}
      >
        <span
          className={`absolute inset-y-2 left-0 w-[3px] rounded group-data-shown:bg-accent ${here ? 'bg-rule' : ''}`}
        />
        <div className="flex gap-3 max-[699px]:gap-2 min-[700px]:@max-[400px]:gap-2">
          <div className="w-[52px] flex-none max-[699px]:w-11 min-[700px]:@max-[400px]:w-11">
            <button
              onClick={(e) => {
                const track = trackNow();
                if (e.shiftKey && track) extendTo(track, cue.id);
                else {
                  select({ kind: 'cue', id: cue.id });
                  usePlayer.getState().seekWord(cue.words[0].startMs);
                }
              }}
              tabIndex={-1}
              aria-label={`Cue at ${stamp(cue.showMs)}: select it`}
              title="Select the cue; with Shift, a run of cues"
              className={`mt-[5px] block h-6 w-full rounded text-right text-note hover:text-accent ${selected ? 'font-semibold text-accent' : 'text-soft'}`}
            >
              {stamp(cue.showMs)}
            </button>
            <OthersIn cueId={cue.id} />
            <span className="flex items-center justify-end gap-1 text-soft">
              {cue.brokenByHand && (
                <span
                  title="A break made by hand: re-breaking keeps it"
                  role="img"
                  aria-label="Break made by hand"
                >
                  <Hand size={12} />
                </span>
              )}
              <LockButton clipId={clip.id} cue={cue} here={here} />
            </span>
          </div>
          <div className="min-w-0 flex-1 text-score">
            {props.speaker !== null && (
              <p className="truncate px-[3px] text-note font-medium text-soft" data-testid="speaker">
                {props.speaker}
              </p>
            )}
            {typing ? (
              <CueText clipId={clip.id} cue={cue} typing={typing} />
            ) : (
              lines.map((line) => (
                <div
                  key={line[0].id}
                  dir={cue.rightToLeft ? 'rtl' : 'ltr'}
                  className="flex flex-wrap gap-x-[3px]"
                >
                  {line.map((word) => (
                    <ScoreWord
                      clipId={clip.id}
                      key={word.id}
                      word={word}
                      cueId={cue.id}
                      peaks={peaks}
                      rightToLeft={cue.rightToLeft}
                    />
                  ))}
                </div>
              ))
            )}
            {beside && (
              <BesideLine clipId={clip.id} language={beside} cue={cue} translated={props.translated} />
            )}
            <RemarksIn clipId={clip.id} cueId={cue.id} />
          </div>
          <div className="relative w-[100px] flex-none text-right max-[699px]:w-12 min-[700px]:@max-[400px]:w-[76px]">
            <span
              className={`mt-[7px] flex items-center justify-end gap-1.5 text-tiny text-soft ${here && !inRun ? 'invisible' : 'group-hover:invisible'}`}
            >
              {cue.speed.toFixed(0)} c/s
            </span>
            <FoundIn clipId={clip.id} cueId={cue.id} />
            <SetAs clipId={clip.id} cueId={cue.id} />
            <span
              className={`absolute -top-1 right-0 justify-end gap-0.5 max-[699px]:rounded-md max-[699px]:bg-paper ${typing ? 'hidden' : here && !inRun ? 'flex' : 'hidden group-hover:flex'}`}
            >
              <IconButton
                small
                label="Type in this cue"
                hint="Enter"
                onClick={() => type(cue.id, selectedWord)}
              >
                <Pencil size={15} />
              </IconButton>
              <IconButton
                small
                label="Split before the selected word"
                hint="B"
                disabled={splitAt === null}
                onClick={() => splitAt !== null && change.mutate({ kind: 'splitCue', wordId: splitAt })}
              >
                <Scissors size={15} />
              </IconButton>
              {here ? (
                <IconButton
                  small
                  label="Open or close the lens"
                  hint="T"
                  onClick={() => usePanels.getState().set({ lens: !usePanels.getState().lens })}
                >
                  <Aperture size={15} />
                </IconButton>
              ) : (
                <IconButton
                  small
                  label="Join with the next cue"
                  hint="N"
                  disabled={last}
                  onClick={() => change.mutate({ kind: 'joinCues', cueId: cue.id })}
                >
                  <ArrowDownToLine size={15} />
                </IconButton>
              )}
            </span>
          </div>
        </div>
        {lens && <Lens clip={clip} cue={cue} peaks={peaks} />}
      </div>
    </CueMenu>
  );
});

/** Shows that a cue is locked, and locks or unlocks it; where it is not, only under the hand. */
function LockButton({ clipId, cue, here }: { clipId: string; cue: Cue; here: boolean }) {
  const { mutate } = useChange(clipId);
  const label = cue.locked ? 'Locked: nothing changes it. Unlock it' : 'Lock this cue';
  return (
    <button
      tabIndex={-1}
      aria-label={label}
      aria-pressed={cue.locked}
      title={`${label} (X)`}
      onClick={() => mutate({ kind: 'lock', cueIds: [cue.id], locked: !cue.locked })}
      className={`rounded p-0.5 hover:bg-tint ${cue.locked ? 'text-ink' : here ? '' : 'invisible group-hover:visible'}`}
    >
      {cue.locked ? <Lock size={12} /> : <LockOpen size={12} />}
    </button>
  );
}

/** The findings of a cue; a click goes there. */
function FoundIn({ clipId, cueId }: { clipId: string; cueId: number }) {
  const found = findings.use(clipId, (f) => f.byCue.get(cueId));
  if (!found) return null;
  const said = found.map((f) => f.said).join('\n');
  return (
    <button
      tabIndex={-1}
      onClick={() => goTo(found[0], [])}
      title={said}
      aria-label={`${found.length === 1 ? '1 finding' : `${found.length} findings`}: ${said}`}
      data-testid="found"
      className="ml-auto flex items-center gap-1 text-tiny text-accent hover:underline"
    >
      <span aria-hidden className="size-1.5 rotate-45 bg-accent" />
      {found.length === 1 ? '1 finding' : `${found.length} findings`}
    </button>
  );
}

/** Reports reduced letter sizes, and characters that no typeface has. */
function SetAs({ clipId, cueId }: { clipId: string; cueId: number }) {
  const setting = settings.use(clipId, (cues) => cues.get(cueId));
  if (!setting) return null;
  return (
    <span className="flex flex-col items-end text-tiny">
      {setting.fit < 0.995 && (
        <span className="text-soft" title="Smaller than requested, so that its longest line fits">
          set at {Math.round(setting.fit * 100)}
          {'\u00a0%'}
        </span>
      )}
      {setting.missing !== '' && (
        <span className="text-accent" title="No typeface here has these characters: they are left out">
          no letters for {setting.missing}
        </span>
      )}
    </span>
  );
}

function linesOf(cue: Cue) {
  const starts = [0, ...cue.lineStarts];
  return starts.map((start, i) => cue.words.slice(start, starts[i + 1] ?? cue.words.length));
}
