import { Plus, X } from 'lucide-react';
import type { Ink } from '../../../api/types';
import { Choice } from '../../../ui/parts';
import { ChoiceControl } from './ChoiceControl';
import { ColourControl } from './ColourControl';
import { NumberControl } from './NumberControl';
import { SwitchControl } from './SwitchControl';

const MOST_STOPS = 12;

const ACROSS: { value: Extract<Ink, { kind: 'blend' }>['across']; label: string }[] = [
  { value: 'LETTER', label: 'Each letter' },
  { value: 'WORD', label: 'Each word' },
  { value: 'LINE', label: 'Each line' },
  { value: 'CUE', label: 'The cue' },
];

/** Chooses one colour or a gradient. */
export function InkControl(props: {
  label: string;
  value: Ink;
  palette: string[];
  note?: string;
  onSoon: (value: Ink) => void;
  onNow: (value: Ink) => void;
}) {
  const { value, palette, onSoon, onNow } = props;
  const first = value.kind === 'flat' ? value.colour : value.stops[0].colour;
  return (
    <div className="space-y-2">
      <Choice
        label={`${props.label}: one colour or several`}
        options={[
          { value: 'flat', label: 'One colour', about: 'One colour' },
          { value: 'blend', label: 'Blend', about: 'Several colours, one blending into the next' },
        ]}
        value={value.kind}
        onChange={(kind) =>
          kind !== value.kind &&
          onNow(
            kind === 'flat'
              ? { kind: 'flat', colour: first }
              : {
                  kind: 'blend',
                  across: 'WORD',
                  round: false,
                  angle: 180,
                  stops: [
                    { at: 0, colour: first },
                    { at: 1, colour: palette.find((c) => c !== first.slice(0, 7)) ?? '#ff6b4a' },
                  ],
                },
          )
        }
      />
      {value.kind === 'flat' ? (
        <ColourControl
          label={props.label}
          value={value.colour}
          palette={palette}
          note={props.note}
          onSoon={(colour) => onSoon({ kind: 'flat', colour })}
          onNow={(colour) => onNow({ kind: 'flat', colour })}
        />
      ) : (
        <>
          <div
            className="h-4 rounded border border-ink/25"
            style={{
              background: `linear-gradient(90deg, ${value.stops.map((s) => `${s.colour} ${s.at * 100}%`).join(', ')})`,
            }}
          />
          {value.stops.map((stop, i) => {
            const set = (colour: string) => ({
              ...value,
              stops: value.stops.map((s, j) => (j === i ? { ...s, colour } : s)),
            });
            const least = i === 0 ? 0 : value.stops[i - 1].at;
            const most = i + 1 < value.stops.length ? value.stops[i + 1].at : 1;
            const move = (at: number) => ({
              ...value,
              stops: value.stops.map((s, j) => (j === i ? { ...s, at } : s)),
            });
            return (
              <div key={i} className="space-y-1 border-l-2 border-rule pl-2">
                <ColourControl
                  label={`Colour ${i + 1}`}
                  value={stop.colour}
                  palette={palette}
                  onSoon={(colour) => onSoon(set(colour))}
                  onNow={(colour) => onNow(set(colour))}
                />
                <div className="flex items-center gap-1">
                  <div className="min-w-0 flex-1">
                    <NumberControl
                      label="Position"
                      value={stop.at}
                      least={least}
                      most={most}
                      step={0.01}
                      unit="of the frame"
                      onSoon={(at) => onSoon(move(at))}
                      onNow={(at) => onNow(move(at))}
                    />
                  </div>
                  {value.stops.length > 2 && (
                    <button
                      aria-label={`Remove colour ${i + 1}`}
                      onClick={() => onNow({ ...value, stops: value.stops.filter((_, j) => j !== i) })}
                      className="rounded p-1 text-soft hover:bg-sunk hover:text-ink"
                    >
                      <X size={14} />
                    </button>
                  )}
                </div>
              </div>
            );
          })}
          {value.stops.length < MOST_STOPS && (
            <button
              onClick={() =>
                onNow({
                  ...value,
                  stops: [...value.stops, { at: 1, colour: value.stops[value.stops.length - 1].colour }],
                })
              }
              className="flex items-center gap-1 text-note text-soft hover:text-ink"
            >
              <Plus size={14} /> Add a colour
            </button>
          )}
          <ChoiceControl
            label="Runs across"
            value={value.across}
            options={ACROSS}
            onNow={(across) => onNow({ ...value, across: across as typeof value.across })}
          />
          <SwitchControl
            label="From the middle outwards"
            value={value.round}
            onNow={(round) => onNow({ ...value, round })}
          />
          {!value.round && (
            <NumberControl
              label="Direction"
              value={value.angle}
              least={-360}
              most={360}
              step={5}
              unit="°"
              onSoon={(angle) => onSoon({ ...value, angle })}
              onNow={(angle) => onNow({ ...value, angle })}
            />
          )}
        </>
      )}
    </div>
  );
}
