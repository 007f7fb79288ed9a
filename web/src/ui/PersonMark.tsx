/** Somebody at another page: their first letter in a ring, which is the accent's while they type. */
export function PersonMark({ name, typing, small }: { name: string; typing: boolean; small?: boolean }) {
  const first = [...new Intl.Segmenter().segment(name)][0]?.segment.toLocaleUpperCase() ?? '?';
  return (
    <span
      aria-hidden
      className={`inline-flex flex-none items-center justify-center rounded-full border-2 bg-paper text-tiny font-semibold text-ink ${
        small ? 'size-5 leading-none' : 'size-[26px]'
      } ${typing ? 'border-accent' : 'border-groove'}`}
    >
      {first}
    </span>
  );
}
