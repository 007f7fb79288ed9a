import { Flame } from 'lucide-react';
import { useMemo, useState } from 'react';
import { Link, useNavigate, useSearchParams } from 'react-router';
import { useEstimates, usePlaceOrder, usePlan } from '../api/orders';
import { useClips, useOutputs } from '../api/queries';
import type { Asked } from '../api/types';
import { PageHeader } from '../header/PageHeader';
import type { Axes } from './axes';
import { AxesPart } from './AxesPart';
import { HowPart } from './HowPart';
import { NamesPart } from './NamesPart';
import { PlanTable } from './PlanTable';
import { estimateSentence } from './said';

/** Several clips, styles, frames and languages at once; the resulting files are listed beside, by name. */
export function NewOrder() {
  const [query] = useSearchParams();
  const navigate = useNavigate();
  const clips = useClips().data ?? [];
  const outputs = useOutputs().data ?? [];
  const [axes, setAxes] = useState<Axes>({
    clips: (query.get('clips') ?? '').split(',').filter(Boolean),
    languages: [''],
    styles: [''],
    frames: [''],
    outputs: ['BURNED'],
    sidecars: [],
  });
  const [how, setHow] = useState<Asked['how']>({ quality: 'GOOD' });
  const [pattern, setPattern] = useState<string>();
  const asked: Asked = useMemo(() => ({ ...axes, how, pattern }), [axes, how, pattern]);
  const some = axes.outputs.length + axes.sidecars.length > 0 && axes.clips.length > 0;
  const plan = usePlan(asked);
  const order = usePlaceOrder();
  const lines = some && !plan.error ? (plan.data?.lines ?? []) : [];
  const estimates = useEstimates(asked, some && !plan.error && lines.length > 0);
  const told = estimateSentence(estimates.data);
  const goesOn = 'It goes on when you close this window.';
  const note =
    lines.length === 0
      ? 'Choose clips and outputs.'
      : estimates.isFetching
        ? 'Estimating size and time from short pieces of the clips.'
        : told
          ? `${told}. ${goesOn}`
          : goesOn;
  return (
    <main className="min-h-full px-8 pb-16 max-[699px]:px-4">
      <title>New order · Salt Drum</title>
      <PageHeader />
      <div className="mx-auto grid max-w-6xl grid-cols-[minmax(0,5fr)_minmax(0,6fr)] gap-10 max-[899px]:grid-cols-1">
        <section aria-label="What to make">
          <h1 className="mb-4 text-lead font-semibold">New order</h1>
          <AxesPart axes={axes} onChange={setAxes} clips={clips} outputs={outputs} />
          <HowPart how={how ?? {}} onChange={setHow} />
          <NamesPart pattern={pattern} onChange={setPattern} />
        </section>
        <section aria-label="What will be made" className="min-w-0">
          <div className="sticky top-6 flex max-h-[calc(100vh-48px)] flex-col">
            <div className="mb-3 flex items-center gap-4">
              <div className="min-w-0 flex-1">
                <h2 className="text-lead font-semibold" aria-live="polite">
                  {lines.length === 0
                    ? 'What will be made'
                    : lines.length === 1
                      ? 'One file'
                      : `${lines.length} files`}
                </h2>
                <p className="text-note text-soft" data-testid="estimate">
                  {note}
                </p>
              </div>
              <button
                disabled={lines.length === 0 || plan.isPlaceholderData || order.isPending}
                onClick={() =>
                  order.mutate(asked, { onSuccess: (view) => void navigate(`/orders/${view.order.id}`) })
                }
                className="flex flex-none items-center gap-2 rounded-full bg-accent px-5 py-2.5 font-medium text-on-accent hover:brightness-110 disabled:bg-rule disabled:text-soft"
              >
                <Flame size={16} />
                {lines.length < 2 ? 'Order' : `Order these ${lines.length}`}
              </button>
            </div>
            {plan.error && some && (
              <p role="alert" className="mb-3 rounded-lg bg-tint p-3">
                {plan.error.message}
              </p>
            )}
            {some && !plan.error && plan.data && (
              <>
                {plan.data.left.map((sentence) => (
                  <p key={sentence} className="mb-2 rounded-lg bg-tint p-3 text-note">
                    {sentence}
                  </p>
                ))}
                {lines.length > 0 && !plan.data.captions && (
                  <p className="mb-3 rounded-lg bg-tint p-3 font-medium">
                    The captions would be in none of these.
                  </p>
                )}
                {plan.data.findings.map((clip) => (
                  <p key={clip.clipId} className="mb-2 text-note">
                    <Link to={`/clips/${clip.clipId}/check`} className="text-accent underline">
                      {clip.open === 1 ? 'One open finding' : `${clip.open} open findings`}
                    </Link>{' '}
                    in “{clip.clip}”.
                  </p>
                ))}
              </>
            )}
            {lines.length > 0 && <PlanTable lines={lines} estimates={estimates.data} />}
          </div>
        </section>
      </div>
    </main>
  );
}
