import { useId, useState, type ReactNode } from 'react';
import { Mark } from '../ui/Mark';

/** A page with one form, for people who are not signed in. */
export function Card({ title, children }: { title: string; children: ReactNode }) {
  return (
    <main className="flex min-h-full flex-col items-center px-4 pt-[12vh] pb-10">
      <title>{`${title} · Salt Drum`}</title>
      <div className="mb-8 flex items-center gap-3">
        <Mark size={40} />
        <span className="text-title font-semibold tracking-tight">Salt Drum</span>
      </div>
      <div className="w-full max-w-[400px] rounded-2xl bg-paper px-8 py-8 max-[699px]:px-5">
        <h1 className="mb-5 text-title font-semibold">{title}</h1>
        {children}
      </div>
    </main>
  );
}

/** A field of a form with its label above. */
export function Field(props: {
  label: string;
  type?: string;
  value: string;
  onChange: (value: string) => void;
  complete?: string;
  note?: string;
  disabled?: boolean;
  focused?: boolean;
}) {
  const [shown, setShown] = useState(false);
  const id = useId();
  const secret = props.type === 'password';
  return (
    <div className="mb-4">
      <span className="mb-1 flex justify-between text-note text-soft">
        <label htmlFor={id}>{props.label}</label>
        {secret && (
          <button type="button" onClick={() => setShown(!shown)} className="hover:text-ink hover:underline">
            {shown ? 'Hide' : 'Show'}
          </button>
        )}
      </span>
      <input
        id={id}
        type={secret && shown ? 'text' : (props.type ?? 'text')}
        value={props.value}
        onChange={(e) => props.onChange(e.target.value)}
        autoComplete={props.complete}
        disabled={props.disabled}
        autoFocus={props.focused}
        maxLength={254}
        required
        className="w-full field px-3 py-2 text-head disabled:text-soft"
      />
      {props.note && <span className="mt-1 block text-note text-soft">{props.note}</span>}
    </div>
  );
}

export function SendButton(props: { busy: boolean; onClick?: () => void; children: ReactNode }) {
  const { busy, onClick, children } = props;
  return (
    <button
      type={onClick ? 'button' : 'submit'}
      onClick={onClick}
      disabled={busy}
      className="mt-2 w-full rounded-full bg-accent px-4 py-2.5 font-medium text-on-accent hover:brightness-110 disabled:opacity-60"
    >
      {children}
    </button>
  );
}

export function Said({ error }: { error: Error | null }) {
  return error ? (
    <p role="alert" className="mt-3 rounded-lg bg-tint px-3 py-2 text-note">
      {error.message}
    </p>
  ) : null;
}
