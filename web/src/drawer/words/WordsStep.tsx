import { Ear, Keyboard, ScrollText } from 'lucide-react';
import { useState } from 'react';
import { useGuess } from '../../api/hearing';
import { useOrderWords } from '../../api/jobs';
import { useLanguages } from '../../api/queries';
import { usePolicies } from '../../state/policies';
import type { Clip, Job, Track } from '../../api/types';
import { usePanels } from '../../state/panels';
import { useSelection } from '../../state/selection';
import { JobLine } from '../JobLine';
import { MainButton, QuietButton, Section, Tick } from '../../ui/parts';
import { CarriedPart } from './CarriedPart';
import { DraftPart } from './DraftPart';
import { FilePart } from './FilePart';
import { FlaggedPart } from './FlaggedPart';
import { FootagePart } from './FootagePart';
import { GlossaryPart } from './GlossaryPart';
import { LanguageSelect } from './LanguageSelect';
import { ProofPart } from './ProofPart';
import { RangePart } from './RangePart';
import { ReplacePart } from './ReplacePart';
import { ShorterPart } from './ShorterPart';
import { SelectedPart } from './SelectedPart';
import { SoundPart } from './SoundPart';
import { TranslationPart } from './TranslationPart';

export function WordsStep({ clip, track, jobs }: { clip: Clip; track: Track; jobs: Job[] }) {
  const [script, setScript] = useState('');
  const [chosen, setLanguage] = useState<string | null>(null);
  const policies = usePolicies();
  const range = usePanels((s) => s.range);
  const part = range ? { fromMs: Math.round(range.fromMs), toMs: Math.round(range.toMs) } : {};
  const guess = useGuess(script.slice(0, 2000));
  const replace = usePanels((s) => s.replace);
  const languages = useLanguages();
  const order = useOrderWords(clip.id);
  const wordsJobs = jobs.filter((j) => j.kind === 'WORDS');
  const working = wordsJobs.find((j) => j.open);
  const failed = !working && wordsJobs[0]?.state === 'FAILED' ? wordsJobs[0] : null;
  const has = track.cues.length > 0;
  const language = chosen ?? (track.language === 'und' ? 'en' : track.language);
  const proposed = guess.data?.find((l) => script.trim() && l.tag !== language.split('-')[0]);
  const able = languages.data?.find((l) => l.tag === language.split('-')[0]);
  const recognisable = clip.sounds > 0 && able?.recognised === true;
  return (
    <>
      {replace !== null && has && <ReplacePart key={replace} clip={clip} track={track} asked={replace} />}
      {has && <SelectedPart clip={clip} track={track} />}
      {has && <ProofPart clip={clip} track={track} />}
      {has && <ShorterPart clip={clip} track={track} />}
      <FlaggedPart clip={clip} track={track} />
      <CarriedPart clip={clip} />
      <Section title={has ? 'Get the words again' : 'Get the words'}>
        {working ? (
          <JobLine job={working} what="Getting the words" />
        ) : (
          <div className="space-y-3">
            {failed && <p className="rounded-lg bg-tint p-3">{failed.message}</p>}
            <label className="block">
              <span className="mb-1 block text-note text-soft">What is said</span>
              <textarea
                id="script"
                dir="auto"
                value={script}
                onChange={(e) => setScript(e.target.value)}
                rows={has ? 4 : 9}
                placeholder="Paste the script here"
                className="w-full resize-y field px-3 py-2 leading-relaxed"
              />
            </label>
            <LanguageSelect languages={languages.data ?? []} value={language} onChange={setLanguage} />
            {proposed && (
              <p className="text-note text-soft">
                This looks like {proposed.name}.{' '}
                <button onClick={() => setLanguage(proposed.tag)} className="text-accent underline">
                  Take {proposed.name}
                </button>
              </p>
            )}
            <SoundPart clip={clip} />
            <RangePart clip={clip} />
            {able && (able.tag !== 'en' || !able.recognised) && (
              <p className="text-note text-soft">{able.offer}</p>
            )}
            <MainButton disabled={!script.trim()} onClick={() => order.mutate({ script, language, ...part })}>
              <ScrollText size={16} /> Place on the voice
            </MainButton>
            {recognisable && (
              <>
                <QuietButton onClick={() => order.mutate({ language, policies: policies.chosen, ...part })}>
                  <Ear size={16} /> Recognise the speech
                </QuietButton>
                <div className="space-y-1 px-1">
                  {policies.all
                    .filter((view) => view.draft !== 'NEVER')
                    .map((view) => (
                      <Tick
                        key={view.policy}
                        checked={policies.chosen.includes(view.policy)}
                        onChange={(on) => policies.choose(view, on)}
                      >
                        {view.label}
                      </Tick>
                    ))}
                </div>
                <GlossaryPart key={clip.client?.id} clip={clip} />
              </>
            )}
            {!range && (
              <>
                <QuietButton hint="Y" onClick={() => useSelection.getState().typeByHand()}>
                  <Keyboard size={16} /> Type at the playhead
                </QuietButton>
                <FilePart clip={clip} version={track.version} />
              </>
            )}
            {has && (
              <p className="text-note text-soft">
                {range
                  ? 'Replaces the words of this part; the others stay. Undo brings them back.'
                  : 'Placing, recognising and reading a file replace all words of the track. Undo brings them back.'}
              </p>
            )}
          </div>
        )}
      </Section>
      {has && <DraftPart clip={clip} />}
      {has && <FootagePart clip={clip} busy={working !== undefined} />}
      {has && <TranslationPart clip={clip} track={track} />}
      {(working || !recognisable) && (
        <Section title="Terms">
          <GlossaryPart key={clip.client?.id} clip={clip} />
        </Section>
      )}
    </>
  );
}
