import { useEffect } from 'react';
import { useParams, useSearchParams } from 'react-router';
import { useJobs } from '../api/jobs';
import { useClip, usePeaks, useTrack } from '../api/queries';
import { useScene } from '../api/scene';
import { useMisspelt } from '../api/proof';
import { useReviews } from '../api/reviews';
import { KeysDialog } from '../keys/KeysDialog';
import { usePanels } from '../state/panels';
import { choicesOf, remember } from '../state/remembered';
import { stepNamed } from '../state/steps';
import { useFindings } from '../api/checks';
import { Drawer } from '../drawer/Drawer';
import { useKeys } from '../keys/useKeys';
import { Rail } from '../rail/Rail';
import { HandLine } from '../score/HandLine';
import { LostText } from '../score/LostText';
import { NoWords } from '../score/NoWords';
import { Score } from '../score/Score';
import { useSelection } from '../state/selection';
import { usePlayer } from '../player/player';
import { translate } from '../state/translating';
import { endTrying, useTrying } from '../state/trying';
import { Stage } from '../stage/Stage';
import { DroppedFiles } from './DroppedFiles';
import { TopBar } from './TopBar';
import { TurnBar } from './TurnBar';
import { useCueOnStage } from './useCueOnStage';
import { usePresence } from './usePresence';

/** Opens at a word that was searched for, once: the address then is the step's again. */
function useOpenedAt(clipId: string) {
  const [params, setParams] = useSearchParams();
  const track = useTrack(clipId).data;
  const durationMs = usePlayer((s) => (s.clipId === clipId && s.video ? s.durationMs : 0));
  const at = params.get('at');
  useEffect(() => {
    if (at === null || !track || durationMs <= 0) return;
    // Who has gone on to another step meanwhile is not taken back to this one.
    if (new URLSearchParams(window.location.search).get('at') !== at) return;
    const word = track.cues.flatMap((c) => c.words).find((w) => w.startMs === Number(at));
    if (word) useSelection.getState().select({ kind: 'word', id: word.id });
    usePlayer.getState().seekWord(Number(at));
    setParams({}, { replace: true });
  }, [at, track, durationMs, setParams]);
}

/** The screen for working on one clip. */
export function Bench() {
  const { clipId = '', step: named } = useParams();
  const step = stepNamed(named);
  useOpenedAt(clipId);
  const clip = useClip(clipId);
  const track = useTrack(clipId);
  const onStage = usePanels((s) => s.onStage);
  const turn = usePanels((s) => s.turn);
  const scene = useScene(clipId, track.data?.version, onStage);
  const tried = useTrying((s) => s.scene);
  useMisspelt(clipId, track.data?.version ?? 0);
  const peaks = usePeaks(
    clipId,
    clip.data?.prepared ?? false,
    clip.data && `${clip.data.sound} of ${clip.data.footage}`,
  );
  const jobs = useJobs(clipId);
  const measured = jobs.data?.find((j) => j.kind === 'MEASURE');
  useFindings(clipId, track.data?.version, `${measured?.id} ${measured?.state}`);
  useReviews(clipId, track.data?.version);
  usePresence(clipId);
  useCueOnStage(clipId, step, clip.data !== undefined && track.data !== undefined);
  useKeys(clipId);
  const byHand = useSelection((s) => s.typing !== null && 'byHand' in s.typing);
  useEffect(() => {
    useSelection.getState().select({ kind: 'none' });
    useSelection.getState().endTyping();
    translate(null);
    usePanels.getState().set({
      lens: false,
      history: false,
      replace: null,
      beside: choicesOf(clipId).beside,
      onStage: choicesOf(clipId).onStage,
      range: null,
      preview: false,
    });
    return usePanels.subscribe(({ beside, onStage }) => {
      const before = choicesOf(clipId);
      if (beside !== before.beside || onStage !== before.onStage) remember(clipId, { beside, onStage });
    });
  }, [clipId]);
  // A translation may have been removed since it was chosen.
  const translations = clip.data?.translations;
  useEffect(() => {
    const { beside, onStage, set } = usePanels.getState();
    const gone = (tag: string | null) => tag !== null && translations && !translations.includes(tag);
    if (gone(beside) || gone(onStage)) set({ beside: null, onStage: null });
  }, [translations]);
  // What was tried is in the track by now.
  const shownVersion = scene.data?.version;
  useEffect(() => {
    if (useTrying.getState().made) endTrying();
  }, [shownVersion]);
  useEffect(() => endTrying, [clipId]);
  useEffect(() => {
    document.title = clip.data ? `${clip.data.name} · Salt Drum` : 'Salt Drum';
  }, [clip.data]);

  const problem = clip.error ?? track.error;
  if (problem) {
    return (
      <main className="flex h-full flex-col items-center justify-center gap-4">
        <p className="text-lead">{problem.message}</p>
        <a href="/" className="text-accent underline">
          Back to the clips
        </a>
      </main>
    );
  }
  if (!clip.data || !track.data) return <main className="h-full" aria-busy />;
  const working = jobs.data?.find((j) => j.kind === 'WORDS' && j.open);
  return (
    <div className="flex h-full flex-col">
      <DroppedFiles clip={clip.data} track={track.data} />
      <TopBar clip={clip.data} track={track.data} step={step} />
      <main
        className={`flex min-h-0 flex-1 [--drawer:304px] ${step === 'style' ? 'min-[1200px]:[--drawer:420px]' : ''}`}
      >
        <div className="flex min-h-0 min-w-0 flex-1 has-[>[data-below]]:flex-col max-[1099px]:contents">
          <Stage
            clip={clip.data}
            track={track.data}
            scene={tried ?? scene.data?.scene}
            version={tried ? null : (scene.data?.version ?? null)}
            styling={step === 'style'}
            framing={step === 'frame'}
          />
          <div className="flex min-h-0 min-w-0 flex-1 max-[1099px]:contents">
            <Rail clip={clip.data} track={track.data} peaks={peaks.data} />
            <div
              className={`flex min-w-0 flex-1 flex-col ${
                turn === 'stage' ? 'max-[1099px]:hidden' : turn === 'drawer' ? 'max-[699px]:hidden' : ''
              }`}
            >
              {track.data.cues.length > 0 ? (
                <Score clip={clip.data} track={track.data} peaks={peaks.data} />
              ) : (
                <NoWords clip={clip.data} working={working} />
              )}
              <LostText clip={clip.data} track={track.data} />
              {byHand && <HandLine clip={clip.data} />}
            </div>
          </div>
        </div>
        <Drawer clip={clip.data} track={track.data} step={step} jobs={jobs.data ?? []} />
      </main>
      <TurnBar step={step} />
      <KeysDialog />
    </div>
  );
}
