/** A few of the clip's words in a typeface, drawn by the same shaper as the captions. */
export function TypefaceSample({ family, text, height }: { family: string; text: string; height: number }) {
  const url = `url("/api/typefaces/${encodeURIComponent(family)}/sample?text=${encodeURIComponent(text)}")`;
  return (
    <span
      aria-hidden
      className="block bg-current"
      style={{
        height,
        maskImage: url,
        maskSize: 'contain',
        maskRepeat: 'no-repeat',
        maskPosition: 'left center',
      }}
    />
  );
}
