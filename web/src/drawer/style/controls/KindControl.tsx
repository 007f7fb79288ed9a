import type { ValueParts } from '../../../api/types';
import { ChoiceControl } from './ChoiceControl';
import { PartControls, type Parted } from './PartControls';

/** A value of one of several kinds: chooses the kind and its parts. Parts that two kinds share are kept when the kind changes. */
export function KindControl(props: {
  label: string;
  kinds: ValueParts[];
  value: Parted;
  palette: string[];
  onSoon: (value: Parted) => void;
  onNow: (value: Parted) => void;
}) {
  const kind = props.kinds.find((k) => k.kind === (props.value.kind ?? '')) ?? props.kinds[0];
  const become = (name: string) => {
    const next = props.kinds.find((k) => k.kind === name)!;
    const kept = next.parts
      .map((part) => part.name)
      .filter(
        (part) => part in props.value && kind.parts.some((had) => had.name === part && same(had, next)),
      );
    props.onNow({
      ...(next.blank as Parted),
      ...Object.fromEntries(kept.map((part) => [part, props.value[part]])),
    });
  };
  return (
    <div className="space-y-1.5">
      {props.kinds.length > 1 && (
        <ChoiceControl
          label={props.label}
          wide
          value={kind.kind}
          options={props.kinds.map((k) => ({ value: k.kind, label: k.label }))}
          onNow={become}
        />
      )}
      {kind.about && <p className="text-tiny text-soft">{kind.about}</p>}
      <PartControls
        parts={kind.parts}
        value={props.value}
        palette={props.palette}
        onSoon={props.onSoon}
        onNow={props.onNow}
      />
    </div>
  );
}

/** Whether a part means the same in another kind. */
function same(part: ValueParts['parts'][number], other: ValueParts): boolean {
  const there = other.parts.find((p) => p.name === part.name);
  return there !== undefined && there.label === part.label && there.unit === part.unit;
}
