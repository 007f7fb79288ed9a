import { SendButton } from './Card';

/** Shown once. */
export function RecoveryCodes(props: { codes: string[]; label: string; done: () => void }) {
  return (
    <>
      <p className="mb-4 text-soft">
        Write these down and keep them away from your phone. Each works once, in place of a code of the app.
        They are shown only now.
      </p>
      <ul
        aria-label="Recovery codes"
        className="mb-5 grid grid-cols-2 gap-x-6 gap-y-1.5 rounded-lg bg-sunk px-5 py-4 text-note tabular-nums select-all"
      >
        {props.codes.map((code) => (
          <li key={code}>{code}</li>
        ))}
      </ul>
      <SendButton busy={false} onClick={props.done}>
        {props.label}
      </SendButton>
    </>
  );
}
