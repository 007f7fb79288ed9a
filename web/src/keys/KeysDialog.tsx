import { X } from 'lucide-react';
import { Dialog } from 'radix-ui';
import { useEffect } from 'react';
import { KEY_GROUPS } from './keyList';

export function KeysDialog({ open, onOpenChange }: { open: boolean; onOpenChange: (open: boolean) => void }) {
  useEffect(() => {
    const show = () => onOpenChange(true);
    window.addEventListener('show-keys', show);
    return () => window.removeEventListener('show-keys', show);
  }, [onOpenChange]);
  return (
    <Dialog.Root open={open} onOpenChange={onOpenChange}>
      <Dialog.Portal>
        <Dialog.Overlay className="fixed inset-0 z-40 bg-stage/40" />
        <Dialog.Content
          aria-describedby={undefined}
          className="fixed top-1/2 left-1/2 z-50 w-[760px] max-w-[94vw] -translate-x-1/2 -translate-y-1/2 rounded-xl bg-paper p-7 shadow-2xl"
        >
          <Dialog.Title className="text-lg font-semibold">Keys</Dialog.Title>
          <Dialog.Close aria-label="Close" className="absolute top-5 right-5 rounded-md p-1.5 hover:bg-sunk">
            <X size={18} />
          </Dialog.Close>
          <div className="mt-5 grid grid-cols-3 gap-8">
            {KEY_GROUPS.map((group) => (
              <section key={group.title}>
                <h3 className="mb-2 text-[13px] text-soft">{group.title}</h3>
                <dl className="space-y-2.5">
                  {group.keys.map(([key, does]) => (
                    <div key={key}>
                      <dt className="font-semibold">{key}</dt>
                      <dd className="text-[13px] text-soft">{does}</dd>
                    </div>
                  ))}
                </dl>
              </section>
            ))}
          </div>
        </Dialog.Content>
      </Dialog.Portal>
    </Dialog.Root>
  );
}
