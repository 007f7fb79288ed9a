import { splitAt, type useStageRoom } from './useStageRoom';

const STEP = 0.02;
const FORTH = ['ArrowRight', 'ArrowDown'];
const BACK = ['ArrowLeft', 'ArrowUp'];

/** Between stage and score: dragged, or moved by the arrow keys; a double click or Home sets it as it comes. */
export function Divider({ room }: { room: ReturnType<typeof useStageRoom> }) {
  const { split, below, part, least, most } = room;
  const percent = (of: number) => Math.round(100 * of);
  return (
    <div
      role="separator"
      tabIndex={0}
      aria-label="Divider"
      aria-orientation={below ? 'horizontal' : 'vertical'}
      aria-valuenow={percent(part)}
      aria-valuemin={percent(least)}
      aria-valuemax={percent(most)}
      title="Drag for more room; a double click sets it as it was"
      onPointerDown={(e) => e.currentTarget.setPointerCapture(e.pointerId)}
      onPointerMove={(e) => {
        if (!e.currentTarget.hasPointerCapture(e.pointerId) || e.buttons === 0) return;
        splitAt(
          split,
          below ? (e.clientY - top(e.currentTarget)) / window.innerHeight : e.clientX / window.innerWidth,
        );
      }}
      onDoubleClick={() => splitAt(split, null)}
      onKeyDown={(e) => {
        const by = FORTH.includes(e.key) ? STEP : BACK.includes(e.key) ? -STEP : 0;
        if (by !== 0) splitAt(split, part + by);
        else if (e.key === 'Home') splitAt(split, null);
        else return;
        e.preventDefault();
      }}
      className={`group relative z-10 flex-none touch-none outline-none max-[1099px]:hidden ${
        below ? '-my-1 h-2 cursor-row-resize' : '-mx-1 w-2 cursor-col-resize'
      }`}
    >
      <span
        className={`absolute rounded-full bg-accent opacity-0 group-hover:opacity-60 group-focus-visible:opacity-100 group-active:opacity-100 ${
          below ? 'inset-x-0 top-[3px] h-[3px]' : 'inset-y-0 left-[3px] w-[3px]'
        }`}
      />
    </div>
  );
}

/** Where the work begins, below the bar at the top. */
const top = (divider: HTMLElement) => divider.parentElement!.getBoundingClientRect().top;
