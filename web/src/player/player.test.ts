import { beforeEach, describe, expect, it, vi } from 'vitest';
import { usePlayer } from './player';

const picture = () => ({
  play: vi.fn(() => Promise.resolve()),
  pause: vi.fn(),
  currentTime: 0,
  playbackRate: 1,
  muted: false,
  seeking: false,
  paused: true,
});
const attach = (video: ReturnType<typeof picture> | null, clipId: string) =>
  usePlayer.getState().attach(video as unknown as HTMLVideoElement | null, clipId);

describe('a player that has no picture yet', () => {
  beforeEach(() => usePlayer.setState(usePlayer.getInitialState(), true));

  it('begins once the picture is there, at the asked time, and stops where it was asked to', () => {
    usePlayer.getState().play(2000, 2600);
    const video = picture();
    attach(video, 'a');
    expect(video.play).toHaveBeenCalledOnce();
    expect(video.currentTime).toBeCloseTo(2.0005, 6);
    usePlayer.getState().shown(2600);
    expect(video.pause).toHaveBeenCalledOnce();
  });

  it('does not begin when it was told to pause in the meantime', () => {
    usePlayer.getState().toggle();
    usePlayer.getState().toggle();
    const video = picture();
    attach(video, 'a');
    expect(video.play).not.toHaveBeenCalled();
  });

  it('does not begin another clip', () => {
    attach(picture(), 'a');
    attach(null, 'a');
    usePlayer.getState().play();
    const video = picture();
    attach(video, 'b');
    expect(video.play).not.toHaveBeenCalled();
    expect(usePlayer.getState().waiting).toBe(false);
  });

  it('waits for the same clip to come back', () => {
    attach(picture(), 'a');
    attach(null, 'a');
    usePlayer.getState().play(500);
    attach(null, 'a');
    const video = picture();
    attach(video, 'a');
    expect(video.play).toHaveBeenCalledOnce();
  });
});

describe('play or pause', () => {
  beforeEach(() => usePlayer.setState(usePlayer.getInitialState(), true));

  it('plays a video that was just paused, before the event of the pause has come', () => {
    const video = picture();
    attach(video, 'a');
    usePlayer.setState({ playing: true });
    usePlayer.getState().toggle();
    expect(video.play).toHaveBeenCalledOnce();
  });

  it('pauses a video that has just begun, before the event of the play has come', () => {
    const video = { ...picture(), paused: false };
    attach(video, 'a');
    usePlayer.getState().toggle();
    expect(video.pause).toHaveBeenCalledOnce();
  });
});
