import { useQualities } from '../api/queries';
import { useChoices } from '../api/orders';
import type { How } from '../api/types';
import { Choice } from '../ui/parts';

/** How videos of an order are encoded. */
export function HowPart({
  how,
  onChange,
  sizes,
}: {
  how: How;
  onChange: (how: How) => void;
  /** What sizes are called where the frame is known. */
  sizes?: { value: string; label: string }[];
}) {
  const qualities = useQualities();
  const choices = useChoices();
  const sized = how.megabytes !== undefined;
  const offered = sizes ?? [
    { value: '', label: 'Their own' },
    ...(choices?.shortSides ?? []).map((side) => ({
      value: String(side),
      label: `${side} on the short side`,
    })),
  ];
  return (
    <div className="mb-5 space-y-3">
      <Choice
        label="Quality"
        options={[
          ...(qualities.data?.map((q) => ({ ...q, value: q.quality as string })) ?? []),
          { value: 'SIZE', label: 'To a size', about: 'The best quality for a given file size' },
        ]}
        value={sized ? 'SIZE' : (how.quality ?? 'GOOD')}
        onChange={(value) =>
          onChange(
            value === 'SIZE'
              ? { ...how, megabytes: 8 }
              : { ...how, megabytes: undefined, quality: value as How['quality'] },
          )
        }
      />
      {sized && (
        <label className="flex items-center justify-between gap-2">
          Each file at most, MB
          <input
            type="number"
            min={0.1}
            step={0.1}
            value={how.megabytes}
            onChange={(e) =>
              Number(e.target.value) > 0 && onChange({ ...how, megabytes: Number(e.target.value) })
            }
            className="field w-24 px-2 py-1 text-right"
          />
        </label>
      )}
      <label className="flex items-center justify-between gap-2">
        Size
        <select
          value={how.shortSide === undefined ? '' : String(how.shortSide)}
          onChange={(e) =>
            onChange({ ...how, shortSide: e.target.value ? Number(e.target.value) : undefined })
          }
          className="field min-w-0 px-2 py-1"
        >
          {offered.map((size) => (
            <option key={size.value} value={size.value}>
              {size.label}
            </option>
          ))}
        </select>
      </label>
      <label className="flex items-center justify-between gap-2">
        Frames a second
        <select
          value={how.rate === undefined ? '' : String(how.rate)}
          onChange={(e) => onChange({ ...how, rate: e.target.value ? Number(e.target.value) : undefined })}
          className="field min-w-0 px-2 py-1"
        >
          <option value="">The clip’s own</option>
          {choices?.rates.map((rate) => (
            <option key={rate} value={String(rate)}>
              {Math.round(rate * 1000) / 1000}
            </option>
          ))}
        </select>
      </label>
    </div>
  );
}
