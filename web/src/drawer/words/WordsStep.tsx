import { Ear, ScrollText } from 'lucide-react';
import { useState } from 'react';
import { useOrder } from '../../api/queries';
import type { Clip, Job, Track } from '../../api/types';
import { JobLine } from '../JobLine';
import { MainButton, QuietButton, Section } from '../parts';
import { SelectedPart } from './SelectedPart';

const LANGUAGES = ['en', 'de', 'es', 'fr', 'it', 'nl', 'pl', 'pt', 'sv', 'tr', 'uk', 'el', 'ar', 'hi'];
const nameOf = new Intl.DisplayNames(['en'], { type: 'language' });

export function WordsStep({ clip, track, jobs }: { clip: Clip; track: Track; jobs: Job[] }) {
  const [script, setScript] = useState('');
  const [language, setLanguage] = useState(track.language);
  const order = useOrder<{ script?: string; language: string }>(`/api/clips/${clip.id}/words`, clip.id);
  const wordsJobs = jobs.filter((j) => j.kind === 'WORDS');
  const working = wordsJobs.find((j) => ['WAITING', 'RUNNING', 'STOPPING'].includes(j.state));
  const failed = !working && wordsJobs[0]?.state === 'FAILED' ? wordsJobs[0] : null;
  const has = track.cues.length > 0;
  const english = language === 'en';
  return (
    <>
      {has && <SelectedPart clip={clip} track={track} />}
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
            <label className="flex items-center justify-between gap-3">
              <span className="text-[13px] text-soft">Language</span>
              <select
                value={language}
                onChange={(e) => setLanguage(e.target.value)}
                className="rounded-lg border border-rule bg-paper px-2 py-1.5"
              >
                {[...new Set([track.language, ...LANGUAGES])].map((tag) => (
                  <option key={tag} value={tag}>
                    {nameOf.of(tag)}
                  </option>
                ))}
              </select>
            </label>
            {!english && (
              <p className="text-[13px] text-soft">
                Times are estimated from where there is speech: they are measured for English only.
              </p>
            )}
            <MainButton disabled={!script.trim()} onClick={() => order.mutate({ script, language })}>
              <ScrollText size={16} /> Place on the voice
            </MainButton>
            {clip.sounds > 0 && english && (
              <QuietButton onClick={() => order.mutate({ language })}>
                <Ear size={16} /> Recognise the speech
              </QuietButton>
            )}
            {has && (
              <p className="text-[13px] text-soft">
                This replaces all words of the track. Undo brings them back.
              </p>
            )}
          </div>
        )}
      </Section>
    </>
  );
}
