/** Shows where the lines of a field end: softly where the recipe broke them, plainly where a person did. */
export function BreakMarks({ text, byHand, as }: { text: string; byHand: boolean; as: string }) {
  if (!text.includes('\n')) return null;
  return (
    <div
      aria-hidden
      dir="auto"
      data-breaks={byHand ? 'hand' : 'recipe'}
      className={`pointer-events-none absolute inset-0 break-words whitespace-pre-wrap text-transparent ${as}`}
    >
      {text.split('\n').map((line, i, lines) => (
        <span key={i}>
          {line}
          {i < lines.length - 1 && (
            <>
              <span className="inline-block w-0 overflow-visible">
                <span className={`ps-1 text-note ${byHand ? 'text-accent' : 'text-soft'}`}>↵</span>
              </span>
              {'\n'}
            </>
          )}
        </span>
      ))}
    </div>
  );
}
