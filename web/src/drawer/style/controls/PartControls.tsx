import type { Ink, ValuePart, ValueParts } from '../../../api/types';
import { ChoiceControl } from './ChoiceControl';
import { ColourControl } from './ColourControl';
import { CurveControl } from './CurveControl';
import { InkControl } from './InkControl';
import { NumberControl } from './NumberControl';
import { SwitchControl } from './SwitchControl';

/** A value of several parts, as it is written. */
export type Parted = Record<string, unknown>;

/** The controls of a value's parts. The server defines the parts and their ranges. */
export function PartControls(props: {
  parts: ValuePart[];
  value: Parted;
  palette: string[];
  onSoon: (value: Parted) => void;
  onNow: (value: Parted) => void;
}) {
  return props.parts.map((part) => (
    <PartControl
      key={part.name}
      part={part}
      value={props.value[part.name]}
      palette={props.palette}
      onSoon={(to) => props.onSoon({ ...props.value, [part.name]: to })}
      onNow={(to) => props.onNow({ ...props.value, [part.name]: to })}
    />
  ));
}

function PartControl(props: {
  part: ValuePart;
  value: unknown;
  palette: string[];
  onSoon: (value: unknown) => void;
  onNow: (value: unknown) => void;
}) {
  const { part, value, palette, onSoon, onNow } = props;
  const both = { label: part.label, onSoon, onNow };
  switch (part.control) {
    case 'NUMBER':
      return (
        <NumberControl
          {...both}
          value={(value as number | undefined) ?? part.least}
          least={part.least}
          most={part.most}
          step={part.step}
          unit={part.unit}
        />
      );
    case 'SWITCH':
      return <SwitchControl label={part.label} value={value === true} onNow={onNow} />;
    case 'CHOICE':
      return (
        <ChoiceControl
          label={part.label}
          value={(value as string | undefined) ?? part.options[0].value}
          options={part.options}
          onNow={onNow}
        />
      );
    case 'COLOUR':
      return <ColourControl {...both} value={value as string} palette={palette} />;
    case 'INK':
      return <InkControl {...both} value={value as Ink} palette={palette} />;
    case 'CURVE':
      return <CurveControl label={part.label} value={value as string} onNow={onNow} />;
    case 'OPTIONAL':
      return <OptionalControl {...props} of={part.of!} />;
    default:
      return null;
  }
}

function OptionalControl(props: {
  part: ValuePart;
  of: ValueParts;
  value: unknown;
  palette: string[];
  onSoon: (value: unknown) => void;
  onNow: (value: unknown) => void;
}) {
  const there = props.value !== undefined && props.value !== null;
  return (
    <div className="space-y-1.5">
      <SwitchControl
        label={props.part.label}
        value={there}
        onNow={(on) => props.onNow(on ? props.of.blank : undefined)}
      />
      {there && (
        <div className="space-y-1.5 border-l-2 border-rule pl-2">
          <PartControls
            parts={props.of.parts}
            value={props.value as Parted}
            palette={props.palette}
            onSoon={props.onSoon}
            onNow={props.onNow}
          />
        </div>
      )}
    </div>
  );
}
