import { RotateCcw } from 'lucide-react';
import type { ReactNode } from 'react';
import type { Facet, Ink, Look, LookView, Origin } from '../../api/types';
import { AxesControl } from './controls/AxesControl';
import { ChoiceControl } from './controls/ChoiceControl';
import { EmojiControl } from './controls/EmojiControl';
import { InkControl } from './controls/InkControl';
import { KindControl } from './controls/KindControl';
import { NumberControl } from './controls/NumberControl';
import type { Parted } from './controls/PartControls';
import { SeveralControl } from './controls/SeveralControl';
import { SwitchControl } from './controls/SwitchControl';
import { TypefaceControl } from './controls/TypefaceControl';
import type { LookChange } from '../../state/useLookChange';

const FROM: Record<Origin, string> = {
  REST: 'Default',
  STYLE: 'From the style',
  TRACK: 'From the track',
  SPEAKER: 'From the speaker',
  CUE: 'From the cue',
  STYLE_ROLE: 'From the style’s emphasis',
  TRACK_ROLE: 'From the track’s emphasis',
  WORD: 'From the word',
};

/** One facet: its control, and the origin of its value. */
export function FacetRow(props: {
  facet: Facet;
  view: LookView;
  /** The origin that means: settled for what is in hand itself. */
  own: Origin;
  palette: string[];
  text: string;
  language: string;
  note?: string;
  change: LookChange;
}) {
  const { facet, view, change } = props;
  const origin = view.origins.find((o) => o.facet === facet.name)?.origin ?? 'REST';
  const mine = origin === props.own;
  return (
    <div className="group/facet relative" data-facet={facet.name} data-origin={origin}>
      <button
        aria-label={`${facet.label}: ${FROM[origin]}${mine ? ', reset it' : ''}`}
        title={mine ? `${FROM[origin]}. Click to reset it` : FROM[origin]}
        disabled={!mine}
        onClick={() => change.reset([facet.name])}
        className={`absolute top-1 -left-[18px] flex size-[18px] items-center justify-center rounded ${mine ? 'text-accent hover:bg-tint' : ''}`}
      >
        {mine ? (
          <RotateCcw size={12} />
        ) : (
          <span className={`size-1 rounded-full ${origin === 'REST' ? 'bg-transparent' : 'bg-groove'}`} />
        )}
      </button>
      <Control {...props} />
    </div>
  );
}

function Control({
  facet,
  view,
  palette,
  text,
  language,
  note,
  change,
}: {
  facet: Facet;
  view: LookView;
  palette: string[];
  text: string;
  language: string;
  note?: string;
  change: LookChange;
}) {
  const value: unknown = view.look[facet.name as keyof Look];
  const soon = (to: unknown) => change.soon({ [facet.name]: to } as Look);
  const now = (to: unknown) => change.now({ [facet.name]: to } as Look);
  switch (facet.control) {
    case 'NUMBER':
      return (
        <NumberControl
          label={facet.label}
          value={value as number}
          least={facet.least}
          most={facet.most}
          step={facet.step}
          unit={facet.unit}
          onSoon={soon}
          onNow={now}
        />
      );
    case 'SWITCH':
      return <SwitchControl label={facet.label} value={value as boolean} onNow={now} />;
    case 'CHOICE':
      return (
        <ChoiceControl label={facet.label} value={value as string} options={facet.options} onNow={now} />
      );
    case 'FAMILY':
      return <TypefaceControl value={value as string} text={text} onNow={now} />;
    case 'EMOJI':
      return <EmojiControl label={facet.label} value={value as string} language={language} onNow={now} />;
    case 'AXES':
      return (
        <AxesControl
          value={value as { tag: string; value: number }[]}
          family={view.look.typeface ?? ''}
          onSoon={soon}
          onNow={now}
        />
      );
    case 'INK':
      return (
        <InkControl
          label={facet.label}
          value={value as Ink}
          palette={palette}
          note={note}
          onSoon={soon}
          onNow={now}
        />
      );
    case 'KINDS':
      return (
        <Titled title={facet.label}>
          <KindControl
            label={facet.label}
            kinds={facet.kinds}
            value={value as Parted}
            palette={palette}
            onSoon={soon}
            onNow={now}
          />
        </Titled>
      );
    case 'SEVERAL':
      return (
        <Titled title={facet.label}>
          <SeveralControl
            label={facet.label}
            one={facet.one}
            kinds={facet.kinds}
            most={facet.count}
            items={value as Parted[]}
            palette={palette}
            onSoon={soon}
            onNow={now}
          />
        </Titled>
      );
    case 'OTHER':
      return null;
  }
}

/** A label above a control of several rows. */
function Titled({ title, children }: { title: string; children: ReactNode }) {
  return (
    <div className="space-y-1.5 pt-1">
      <h4 className="text-note font-semibold">{title}</h4>
      {children}
    </div>
  );
}
