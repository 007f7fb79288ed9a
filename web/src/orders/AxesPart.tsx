import { useChoices } from '../api/orders';
import { useCaptionFormats, useLanguages } from '../api/queries';
import { useStyles } from '../api/styles';
import type { Clip, Output } from '../api/types';
import { Chip } from './Chip';
import type { Axes } from './axes';

function Row({ title, children }: { title: string; children: React.ReactNode }) {
  return (
    <fieldset className="mb-5">
      <legend className="mb-2 text-head font-semibold">{title}</legend>
      <div className="flex flex-wrap gap-1.5">{children}</div>
    </fieldset>
  );
}

/** Clips, outputs, styles, frames and languages: each output is made in all of them. */
export function AxesPart(props: {
  axes: Axes;
  onChange: (axes: Axes) => void;
  clips: Clip[];
  outputs: Output[];
}) {
  const { axes, onChange, clips, outputs } = props;
  const styles = useStyles().data ?? [];
  const frames = useChoices()?.frames;
  const languages = useLanguages().data ?? [];
  const formats = useCaptionFormats(axes.clips[0] ?? clips[0]?.id ?? '', 0, null).data ?? [];
  const translated = [
    ...new Set(clips.filter((c) => axes.clips.includes(c.id)).flatMap((c) => c.translations)),
  ];
  const toggle = <K extends keyof Axes>(axis: K, value: Axes[K][number]) => {
    const list = axes[axis] as Axes[K][number][];
    const next = list.includes(value) ? list.filter((v) => v !== value) : [...list, value];
    onChange({ ...axes, [axis]: next });
  };
  const chips = <K extends keyof Axes>(
    axis: K,
    values: { value: Axes[K][number]; label: string; about?: string }[],
  ) =>
    values.map(({ value, label, about }) => (
      <Chip
        key={value}
        on={(axes[axis] as string[]).includes(value)}
        title={about}
        onClick={() => toggle(axis, value)}
      >
        {label}
      </Chip>
    ));
  return (
    <>
      <Row title="Clips">
        {clips.map((clip) => (
          <Chip key={clip.id} on={axes.clips.includes(clip.id)} onClick={() => toggle('clips', clip.id)}>
            {clip.prepared && (
              <img
                src={`/api/clips/${clip.id}/poster?footage=${clip.footage}`}
                alt=""
                className="-ml-1.5 h-7 w-7 rounded-full object-cover"
              />
            )}
            {clip.name}
          </Chip>
        ))}
        {clips.length === 0 && <p className="text-soft">There are no clips yet.</p>}
      </Row>
      <Row title="Outputs">
        {chips(
          'outputs',
          outputs.map((o) => ({ value: o.output, label: o.label, about: o.said })),
        )}
      </Row>
      <Row title="Caption files">
        {chips(
          'sidecars',
          formats.map((f) => ({
            value: f.format,
            label: f.label,
            about: `Leaves out ${f.loses.join('; ')}.`,
          })),
        )}
      </Row>
      <Row title="Styles">
        {chips('styles', [
          { value: '', label: 'As it is' },
          ...styles.map((s) => ({ value: s.name, label: s.name })),
        ])}
      </Row>
      <Row title="Frames">
        {chips(
          'frames',
          ['', ...(frames ?? [])].map((f) => ({ value: f, label: f || 'As it is' })),
        )}
      </Row>
      {translated.length > 0 && (
        <Row title="Languages">
          {chips('languages', [
            { value: '', label: 'The clip’s own' },
            ...translated.map((t) => ({ value: t, label: languages.find((l) => l.tag === t)?.name ?? t })),
          ])}
        </Row>
      )}
    </>
  );
}
