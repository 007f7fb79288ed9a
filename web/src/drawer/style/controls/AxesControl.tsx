import { useTypefaces } from '../../../api/looks';
import { NumberControl } from './NumberControl';

interface Axis {
  tag: string;
  value: number;
}

/** The axes of the typeface besides weight, width and slant; empty if it has none. */
export function AxesControl(props: {
  value: Axis[];
  family: string;
  onSoon: (value: Axis[]) => void;
  onNow: (value: Axis[]) => void;
}) {
  const family = useTypefaces().data?.find((f) => f.name.toLowerCase() === props.family.toLowerCase());
  const set = (tag: string, value: number) => [
    ...props.value.filter((axis) => axis.tag !== tag),
    { tag, value },
  ];
  return family?.axes.map((axis) => (
    <NumberControl
      key={axis.tag}
      label={axis.name}
      value={props.value.find((own) => own.tag === axis.tag)?.value ?? axis.rest}
      least={axis.least}
      most={axis.most}
      step={axis.most - axis.least > 10 ? 1 : 0.05}
      unit=""
      onSoon={(value) => props.onSoon(set(axis.tag, value))}
      onNow={(value) => props.onNow(set(axis.tag, value))}
    />
  ));
}
