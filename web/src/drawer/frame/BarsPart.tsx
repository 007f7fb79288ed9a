import { useRef } from 'react';
import { barsAddress, useBringInPicture, usePictures } from '../../api/frames';
import type { Bars, Frame } from '../../api/types';
import { QuietButton, Choice, Section } from '../../ui/parts';
import { ColourControl } from '../style/controls/ColourControl';
import { NumberControl } from '../style/controls/NumberControl';

const KINDS: { value: Bars['kind']; label: string; about: string }[] = [
  { value: 'COLOUR', label: 'Colour', about: 'One colour' },
  { value: 'GRADIENT', label: 'Blend', about: 'From one colour to another' },
  { value: 'BLUR', label: 'Clip', about: 'The clip itself, blurred and darkened' },
  { value: 'PICTURE', label: 'Picture', about: 'A picture of your own' },
];

/** What the bars show, and how high they are. */
export function BarsPart(props: {
  frame: Frame;
  set: (part: Partial<Frame>) => void;
  soon: (part: Partial<Frame>) => void;
  now: (part: Partial<Frame>) => void;
}) {
  const { frame, set, soon, now } = props;
  const bars = frame.bars;
  const file = useRef<HTMLInputElement>(null);
  const pictures = usePictures();
  const withBars = (part: Partial<Bars>) => ({ bars: { ...bars, ...part } });
  const bring = useBringInPicture((picture) => set(withBars({ kind: 'PICTURE', picture: picture.hash })));
  const choose = (kind: Bars['kind']) => {
    const known = pictures.data?.filter((p) => !p.putAway) ?? [];
    const picture = bars.picture ?? known[known.length - 1]?.hash;
    if (kind === 'PICTURE' && !picture) file.current!.click();
    else set(withBars({ kind, picture }));
  };
  const colour = (label: string, value: string, part: (value: string) => Partial<Frame>) => (
    <ColourControl
      label={label}
      value={value}
      palette={[]}
      onSoon={(to) => soon(part(to.slice(0, 7)))}
      onNow={(to) => now(part(to.slice(0, 7)))}
    />
  );
  return (
    <Section title="Bars">
      <Choice label="What the bars show" options={KINDS} value={bars.kind} onChange={choose} />
      <input
        ref={file}
        type="file"
        accept="image/png,image/jpeg,image/webp"
        aria-label="A picture for the bars"
        className="hidden"
        onChange={(e) => {
          const chosen = e.target.files?.[0];
          if (chosen) bring.mutate(chosen);
          e.target.value = '';
        }}
      />
      <div className="mt-3 flex flex-col gap-2">
        {bars.kind === 'COLOUR' && colour('Colour', frame.barColour, (barColour) => ({ barColour }))}
        {bars.kind === 'GRADIENT' && (
          <>
            {colour('At the top', frame.barColour, (barColour) => ({ barColour }))}
            {colour('At the bottom', bars.to, (to) => withBars({ to }))}
          </>
        )}
        {bars.kind === 'BLUR' && (
          <>
            <NumberControl
              label="Blur"
              value={bars.blur}
              least={0.005}
              most={0.2}
              step={0.005}
              unit="of the frame"
              onSoon={(blur) => soon(withBars({ blur }))}
              onNow={(blur) => now(withBars({ blur }))}
            />
            <NumberControl
              label="Darker by"
              value={bars.dark}
              least={0}
              most={0.95}
              step={0.05}
              unit="of the frame"
              onSoon={(dark) => soon(withBars({ dark }))}
              onNow={(dark) => now(withBars({ dark }))}
            />
          </>
        )}
        {bars.kind === 'PICTURE' && (
          <>
            <div className="flex flex-wrap gap-2">
              {pictures.data
                ?.filter((p) => !p.putAway || p.hash === bars.picture)
                .map((p) => (
                  <button
                    key={p.hash}
                    aria-pressed={p.hash === bars.picture}
                    title={p.label}
                    onClick={() => set(withBars({ picture: p.hash }))}
                    className="rounded-[6px] border-2 border-transparent p-0.5 aria-pressed:border-accent"
                  >
                    <img
                      src={barsAddress(
                        { ...frame, bars: { ...bars, picture: p.hash } },
                        { width: 90, height: 160 },
                      )!}
                      alt={p.label}
                      className="h-20 w-[45px] rounded-[3px] object-cover"
                    />
                  </button>
                ))}
            </div>
            <QuietButton onClick={() => file.current!.click()}>Add a picture</QuietButton>
          </>
        )}
        <p className="mt-1 text-note text-soft">
          Drag the clip on the stage, or its edges, to make room in a bar.
        </p>
        {(bars.top !== undefined || bars.bottom !== undefined) && (
          <QuietButton onClick={() => set(withBars({ top: undefined, bottom: undefined }))}>
            Back to the middle
          </QuietButton>
        )}
      </div>
    </Section>
  );
}
