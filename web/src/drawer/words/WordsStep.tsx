import { Ear, ScrollText } from 'lucide-react';
import { useState } from 'react';
import { useLanguages, useListenTo, useOrder } from '../../api/queries';
import type { Clip, Job, Policy, Track } from '../../api/types';
import { usePanels } from '../../bench/panels';
import { JobLine } from '../JobLine';
import { MainButton, QuietButton, Section } from '../parts';
import { DRAFT_POLICIES, DraftPart } from './DraftPart';
import { FilePart } from './FilePart';
import { FlaggedPart } from './FlaggedPart';
import { GlossaryPart } from './GlossaryPart';
import { ProofPart } from './ProofPart';
import { ReplacePart } from './ReplacePart';
import { SelectedPart } from './SelectedPart';
import { TranslationPart } from './TranslationPart';

export function WordsStep({ clip, track, jobs }: { clip: Clip; track: Track; jobs: Job[] }) {
  const [script, setScript] = useState('');
  const [chosen, setLanguage] = useState<string | null>(null);
  const [policies, setPolicies] = useState<Policy[]>(DRAFT_POLICIES.map((p) => p.policy));
  const replace = usePanels((s) => s.replace);
  const languages = useLanguages();
  const listenTo = useListenTo(clip.id);
  const order = useOrder<{ script?: string; language: string; policies?: Policy[] }>(
    `/api/clips/${clip.id}/words`,
    clip.id,
  );
  const wordsJobs = jobs.filter((j) => j.kind === 'WORDS');
  const working = wordsJobs.find((j) => ['WAITING', 'RUNNING', 'STOPPING'].includes(j.state));
  const failed = !working && wordsJobs[0]?.state === 'FAILED' ? wordsJobs[0] : null;
  const has = track.cues.length > 0;
  const language = chosen ?? (track.language === 'und' ? 'en' : track.language);
  const able = languages.data?.find((l) => l.tag === language.split('-')[0]);
  return (
    <>
      {replace !== null && has && <ReplacePart key={replace} clip={clip} track={track} asked={replace} />}
      {has && <SelectedPart clip={clip} track={track} />}
      {has && <ProofPart clip={clip} track={track} />}
      <FlaggedPart clip={clip} track={track} />
      <Section title={has ? 'Get the words again' : 'Get the words'}>
        {working ? (
          <JobLine job={working} what="Getting the words" />
        ) : (
          <div className="space-y-3">
            {failed && <p className="rounded-lg bg-tint p-3">{failed.message}</p>}
            <label className="block">
              <span className="mb-1 block text-[13px] text-soft">What is said</span>
              <textarea
                id="script"
                value={script}
                onChange={(e) => setScript(e.target.value)}
                rows={has ? 4 : 9}
                placeholder="Paste the script here"
                className="w-full resize-y rounded-lg border border-rule bg-paper px-3 py-2 leading-relaxed placeholder:text-soft"
              />
            </label>
            <Select
              label="Language"
              value={language}
              options={(languages.data ?? []).map((l) => [l.tag, l.name])}
              onChange={setLanguage}
            />
            {clip.soundChoices.length > 1 && (
              <Select
                label="Listen to"
                value={clip.sound}
                options={clip.soundChoices.map((s) => [s.choice, s.label])}
                onChange={(sound) => listenTo.mutate(sound)}
              />
            )}
            {able && !able.measured && (
              <p className="text-[13px] text-soft">
                In {able.name} times are estimated from where there is speech, and marked so.
              </p>
            )}
            <MainButton disabled={!script.trim()} onClick={() => order.mutate({ script, language })}>
              <ScrollText size={16} /> Place on the voice
            </MainButton>
            {clip.sounds > 0 && able?.recognised && (
              <>
                <QuietButton onClick={() => order.mutate({ language, policies })}>
                  <Ear size={16} /> Recognise the speech
                </QuietButton>
                <div className="space-y-1 px-1">
                  {DRAFT_POLICIES.map(({ policy, label }) => (
                    <label key={policy} className="flex items-center gap-2 text-[13px] text-soft">
                      <input
                        type="checkbox"
                        checked={policies.includes(policy)}
                        onChange={(e) =>
                          setPolicies((all) =>
                            DRAFT_POLICIES.map((p) => p.policy).filter((p) =>
                              p === policy ? e.target.checked : all.includes(p),
                            ),
                          )
                        }
                        className="accent-accent"
                      />
                      {label}
                    </label>
                  ))}
                </div>
              </>
            )}
            <FilePart clip={clip} />
            {has && (
              <p className="text-[13px] text-soft">
                Each replaces all words of the track. Undo brings them back.
              </p>
            )}
          </div>
        )}
      </Section>
      {has && <DraftPart clip={clip} />}
      {has && <TranslationPart clip={clip} track={track} />}
      <GlossaryPart clip={clip} />
    </>
  );
}

function Select(props: {
  label: string;
  value: string;
  options: [string, string][];
  onChange: (value: string) => void;
}) {
  return (
    <label className="flex items-center justify-between gap-3">
      <span className="flex-none text-[13px] text-soft">{props.label}</span>
      <select
        value={props.value}
        onChange={(e) => props.onChange(e.target.value)}
        className="min-w-0 rounded-lg border border-rule bg-paper px-2 py-1.5"
      >
        {props.options.map(([value, label]) => (
          <option key={value} value={value}>
            {label}
          </option>
        ))}
      </select>
    </label>
  );
}
