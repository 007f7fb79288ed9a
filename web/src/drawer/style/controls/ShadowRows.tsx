import type { Shade } from '../../../api/types';
import { Choice } from '../../../ui/parts';
import { ColourControl } from './ColourControl';
import { NumberControl } from './NumberControl';
import { Rows } from './Rows';

const SOFT: Shade = { kind: 'soft', colour: '#0d2b30cc', dx: 0, dy: 0.05, blur: 0.06, spread: 0 };
const LONG: Shade = { kind: 'long', colour: '#0d2b30', angle: 135, length: 0.3 };

interface Length {
  field: string;
  label: string;
  least: number;
  most: number;
  step: number;
  unit: string;
}

const LENGTHS: Record<Shade['kind'], Length[]> = {
  soft: [
    { field: 'dx', label: 'To the right', least: -2, most: 2, step: 0.01, unit: 'em' },
    { field: 'dy', label: 'Down', least: -2, most: 2, step: 0.01, unit: 'em' },
    { field: 'blur', label: 'Blur', least: 0, most: 1, step: 0.01, unit: 'em' },
    { field: 'spread', label: 'Spread', least: 0, most: 0.5, step: 0.01, unit: 'em' },
  ],
  long: [
    { field: 'angle', label: 'Direction', least: -360, most: 360, step: 5, unit: '°' },
    { field: 'length', label: 'Length', least: 0, most: 3, step: 0.02, unit: 'em' },
  ],
};

export function ShadowRows(props: {
  value: Shade[];
  palette: string[];
  onSoon: (value: Shade[]) => void;
  onNow: (value: Shade[]) => void;
}) {
  return (
    <Rows label="Shadow" items={props.value} most={4} blank={SOFT} add="A shadow" onNow={props.onNow}>
      {(shade, change) => (
        <>
          <Choice
            label="Kind of shadow"
            options={[
              { value: 'soft', label: 'Shadow, glow', about: 'Beside the letters, or around them' },
              { value: 'long', label: 'Drawn out', about: 'The letters drawn out in one direction' },
            ]}
            value={shade.kind}
            onChange={(kind) =>
              kind !== shade.kind &&
              props.onNow(change({ ...(kind === 'soft' ? SOFT : LONG), colour: shade.colour }))
            }
          />
          <ColourControl
            label="Shadow colour"
            value={shade.colour}
            palette={props.palette}
            onSoon={(colour) => props.onSoon(change({ ...shade, colour }))}
            onNow={(colour) => props.onNow(change({ ...shade, colour }))}
          />
          {LENGTHS[shade.kind].map(({ field, ...length }) => (
            <NumberControl
              key={field}
              {...length}
              value={(shade as unknown as Record<string, number>)[field]}
              onSoon={(value) => props.onSoon(change({ ...shade, [field]: value }))}
              onNow={(value) => props.onNow(change({ ...shade, [field]: value }))}
            />
          ))}
        </>
      )}
    </Rows>
  );
}
