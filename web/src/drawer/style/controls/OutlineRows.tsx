import type { Rim } from '../../../api/types';
import { ChoiceControl, NAMES } from './ChoiceControl';
import { InkControl } from './InkControl';
import { NumberControl } from './NumberControl';
import { Rows } from './Rows';

const BLANK: Rim = { width: 0.05, ink: { kind: 'flat', colour: '#0d2b30' }, join: 'round' };

export function OutlineRows(props: {
  value: Rim[];
  palette: string[];
  onSoon: (value: Rim[]) => void;
  onNow: (value: Rim[]) => void;
}) {
  const widest = Math.max(0, ...props.value.map((rim) => rim.width));
  return (
    <Rows
      label="Outline"
      items={props.value}
      most={4}
      blank={{ ...BLANK, width: Math.min(0.5, widest + 0.05) }}
      add="An outline"
      onNow={props.onNow}
    >
      {(rim, change) => (
        <>
          <NumberControl
            label="Outline width"
            value={rim.width}
            least={0}
            most={0.5}
            step={0.005}
            unit="em"
            onSoon={(width) => props.onSoon(change({ ...rim, width }))}
            onNow={(width) => props.onNow(change({ ...rim, width }))}
          />
          <InkControl
            label="Outline colour"
            value={rim.ink}
            palette={props.palette}
            onSoon={(ink) => props.onSoon(change({ ...rim, ink }))}
            onNow={(ink) => props.onNow(change({ ...rim, ink }))}
          />
          <ChoiceControl
            label="Corners"
            value={rim.join ?? 'round'}
            options={Object.keys(NAMES.JOIN)}
            names={NAMES.JOIN}
            onNow={(join) => props.onNow(change({ ...rim, join: join as Rim['join'] }))}
          />
        </>
      )}
    </Rows>
  );
}
