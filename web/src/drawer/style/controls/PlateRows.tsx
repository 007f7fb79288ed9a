import type { Backing } from '../../../api/types';
import { ChoiceControl, NAMES } from './ChoiceControl';
import { InkControl } from './InkControl';
import { NumberControl } from './NumberControl';
import { Rows } from './Rows';

const BLANK: Backing = {
  behind: 'LINE',
  form: 'BOX',
  padX: 0.3,
  padY: 0.08,
  radius: 0.2,
  fill: { kind: 'flat', colour: '#0d2b30' },
  opacity: 0.9,
};

const LENGTHS = [
  { field: 'padX', label: 'Room beside', least: -1, most: 3, step: 0.02, unit: 'em' },
  { field: 'padY', label: 'Above, below', least: -0.5, most: 3, step: 0.02, unit: 'em' },
  { field: 'radius', label: 'Round corners', least: 0, most: 3, step: 0.02, unit: 'em' },
  { field: 'opacity', label: 'Plate opacity', least: 0, most: 1, step: 0.02, unit: '' },
] as const;

export function PlateRows(props: {
  value: Backing[];
  palette: string[];
  onSoon: (value: Backing[]) => void;
  onNow: (value: Backing[]) => void;
}) {
  return (
    <Rows label="Plate" items={props.value} most={3} blank={BLANK} add="A plate" onNow={props.onNow}>
      {(plate, change) => (
        <>
          <ChoiceControl
            label="Behind"
            value={plate.behind}
            options={Object.keys(NAMES.BEHIND)}
            names={NAMES.BEHIND}
            onNow={(behind) => props.onNow(change({ ...plate, behind: behind as Backing['behind'] }))}
          />
          <ChoiceControl
            label="Form"
            value={plate.form}
            options={Object.keys(NAMES.FORM)}
            names={NAMES.FORM}
            onNow={(form) => props.onNow(change({ ...plate, form: form as Backing['form'] }))}
          />
          <InkControl
            label="Plate colour"
            value={plate.fill}
            palette={props.palette}
            onSoon={(fill) => props.onSoon(change({ ...plate, fill }))}
            onNow={(fill) => props.onNow(change({ ...plate, fill }))}
          />
          {LENGTHS.map(({ field, ...length }) => (
            <NumberControl
              key={field}
              {...length}
              value={plate[field]}
              onSoon={(value) => props.onSoon(change({ ...plate, [field]: value }))}
              onNow={(value) => props.onNow(change({ ...plate, [field]: value }))}
            />
          ))}
        </>
      )}
    </Rows>
  );
}
