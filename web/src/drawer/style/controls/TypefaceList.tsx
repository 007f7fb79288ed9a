import { FolderInput, Search } from 'lucide-react';
import { useRef, useState } from 'react';
import { useBringInFont } from '../../../api/fonts';
import { useTypefaces } from '../../../api/looks';
import type { Typeface } from '../../../api/types';
import { OwnFonts } from './OwnFonts';
import { TypefaceSample } from './TypefaceSample';

const GROUPS: { origin: Typeface['origin']; title: string }[] = [
  { origin: 'OWN', title: 'Added' },
  { origin: 'SHIPPED', title: 'With Salt Drum' },
  { origin: 'MACHINE', title: 'On this machine' },
];

/** All families with samples and search; fonts are added here. */
export function TypefaceList(props: { value: string; text: string; onChoose: (family: string) => void }) {
  const typefaces = useTypefaces();
  const bring = useBringInFont();
  const file = useRef<HTMLInputElement>(null);
  const [sought, setSought] = useState('');
  const found = typefaces.data?.filter((f) => f.name.toLowerCase().includes(sought.trim().toLowerCase()));
  return (
    <>
      <div className="flex flex-none gap-2 border-b border-rule p-2">
        <label className="relative min-w-0 flex-1">
          <Search size={14} className="absolute top-2 left-2.5 text-soft" />
          <input
            aria-label="Find a typeface"
            placeholder="Find a typeface"
            value={sought}
            onChange={(e) => setSought(e.target.value)}
            className="field w-full py-1 pr-2 pl-8"
          />
        </label>
        <input
          ref={file}
          type="file"
          accept=".ttf,.otf,.woff2"
          aria-label="Font file"
          className="hidden"
          onChange={(e) => {
            const chosen = e.target.files?.[0];
            if (chosen) bring.mutate(chosen, { onSuccess: (font) => props.onChoose(font.family) });
            e.target.value = '';
          }}
        />
        <button
          onClick={() => file.current?.click()}
          disabled={bring.isPending}
          title="Add a font: TTF, OTF or WOFF2. It is checked before it is added."
          className="flex flex-none items-center gap-1.5 rounded-full border border-rule px-3 hover:border-ink disabled:opacity-50"
        >
          <FolderInput size={15} /> {bring.isPending ? 'Checking…' : 'Add a font'}
        </button>
      </div>
      <div className="min-h-0 flex-1 overflow-y-auto p-1.5">
        {GROUPS.map(({ origin, title }) => {
          const families = found?.filter((f) => f.origin === origin) ?? [];
          if (families.length === 0) return null;
          return (
            <section key={origin} aria-label={title}>
              <h3 className="px-2.5 pt-2 pb-1 text-tiny font-semibold text-soft">{title}</h3>
              {families.map((family) => (
                <button
                  key={family.name}
                  data-family={family.name}
                  onClick={() => props.onChoose(family.name)}
                  className={`block w-full rounded-md px-2.5 py-1.5 text-left [contain-intrinsic-size:auto_58px] [content-visibility:auto] hover:bg-sunk ${family.name === props.value ? 'bg-tint' : ''}`}
                >
                  <TypefaceSample family={family.name} text={props.text} height={28} />
                  <span className="flex justify-between gap-2 text-tiny text-soft">
                    <span className="truncate">{family.name}</span>
                    <span className="flex-none">{told(family)}</span>
                  </span>
                </button>
              ))}
              {origin === 'OWN' && <OwnFonts />}
            </section>
          );
        })}
        {found?.length === 0 && (
          <p className="p-3 text-note text-soft">No typeface has that name. Add its font.</p>
        )}
      </div>
    </>
  );
}

function told(family: Typeface): string {
  const weights = family.variable
    ? [...new Set([family.weights[0], family.weights[family.weights.length - 1]])].join(' to ')
    : family.weights.join(' · ');
  return [weights, family.italic && 'italic'].filter(Boolean).join(' · ');
}
