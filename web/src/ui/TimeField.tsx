import { useState } from 'react';
import { usePlayer } from '../player/player';
import { exact, readTime } from '../player/time';
import { Field, type Said } from './Field';

/** A time of the clip, to be typed. */
export function TimeField(props: {
  label: string;
  ms: number;
  set: (ms: number) => Said | Promise<Said>;
  onKey?: Parameters<typeof Field>[0]['onKey'];
}) {
  const { label, ms, set } = props;
  const frameMs = usePlayer((s) => s.frameMs);
  const [wrong, setWrong] = useState(false);
  return (
    <Field
      label={label}
      title={`${label}: m:ss.mmm, seconds, or frames such as 193f`}
      shown={exact(ms)}
      aria-invalid={wrong}
      onTyped={(typed) => setWrong(typed !== null && readTime(typed, frameMs) === null)}
      onKey={props.onKey}
      take={(typed) => {
        const read = readTime(typed, frameMs);
        if (read === null) return `“${typed}” is not a time. It stays ${exact(ms)}.`;
        return Math.round(read) === ms ? undefined : set(Math.round(read));
      }}
      className={`w-[74px] rounded-md border bg-paper px-1.5 py-0.5 text-center ${wrong ? 'border-accent' : 'border-rule'}`}
    />
  );
}
