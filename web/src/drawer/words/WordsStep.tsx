import { Ear, Keyboard, ScrollText, Drum } from 'lucide-react';
import { useState } from 'react';
import { useOrderDrafts } from '../../api/drafts';
import { useGuess, useSpeech } from '../../api/hearing';
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
import { SpeakersPart } from './SpeakersPart';
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
  const drafts = useOrderDrafts();
  const wordsJobs = jobs.filter((j) => j.kind === 'WORDS');
  const working = wordsJobs.find((j) => j.open);
  const failed = !working && wordsJobs[0]?.state === 'FAILED' ? wordsJobs[0] : null;
  const note = !working && wordsJobs[0]?.state === 'DONE' ? wordsJobs[0].message : undefined;
  const has = track.cues.length > 0;
  const language = chosen ?? (track.language === 'und' ? 'en' : track.language);
  const proposed = guess.data?.find((l) => script.trim() && l.tag !== language.split('-')[0]);
  const able = languages.data?.find((l) => l.tag === language.split('-')[0]);
  const recognisable = clip.sounds > 0 && able?.recognised === true;
  // A clip in which somebody speaks begins with the voice.
  const speech = useSpeech(clip, !has && !working);
  const voiceFirst = !has && recognisable && speech !== false;
  const place = () => order.mutate({ script, language, ...part });
  const recognise = () => order.mutate({ language, policies: policies.chosen, ...part });
  const spoken = <LanguageSelect languages={languages.data ?? []} value={language} onChange={setLanguage} />;
  const ear = (
    <>
      <Ear size={16} /> Recognise the speech
    </>
  );
  const hearing = recognisable && (
    <>
      {voiceFirst && !script.trim() ? (
        <MainButton onClick={recognise}>{ear}</MainButton>
      ) : (
        <QuietButton onClick={recognise}>{ear}</QuietButton>
      )}
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
  );
  return (
    <>
      {replace !== null && has && <ReplacePart key={replace} clip={clip} track={track} asked={replace} />}
      {has && <SelectedPart clip={clip} track={track} />}
      {has && <ProofPart clip={clip} track={track} />}
      {has && <SpeakersPart clip={clip} track={track} />}
      {has && <ShorterPart clip={clip} track={track} />}
      {has && note && <p className="mb-6 rounded-lg bg-tint p-3">{note}</p>}
      <FlaggedPart clip={clip} track={track} />
      <CarriedPart clip={clip} />
      <Section title={has ? 'Get the words again' : 'Get the words'}>
        {working ? (
          <JobLine job={working} what="Getting the words" />
        ) : (
          <div className="space-y-3">
            {failed && <p className="rounded-lg bg-tint p-3">{failed.message}</p>}
            {voiceFirst && (
              <>
                {spoken}
                <SoundPart clip={clip} />
                <RangePart clip={clip} />
                {hearing}
                {!range && (
                  <QuietButton onClick={() => drafts.mutate([clip.id])}>
                    <Drum size={16} /> Make a whole first draft
                  </QuietButton>
                )}
                <p className="pt-3 text-note text-soft">Or place a script on the voice:</p>
              </>
            )}
            <label className="block">
              <span className="mb-1 block text-note text-soft">What is said</span>
              <textarea
                id="script"
                dir="auto"
                value={script}
                onChange={(e) => setScript(e.target.value)}
                rows={has || voiceFirst ? 4 : 9}
                placeholder="Paste the script here"
                className="w-full resize-y field px-3 py-2 leading-relaxed"
              />
            </label>
            {!voiceFirst && spoken}
            {proposed && (
              <p className="text-note text-soft">
                This looks like {proposed.name}.{' '}
                <button onClick={() => setLanguage(proposed.tag)} className="text-accent underline">
                  Take {proposed.name}
                </button>
              </p>
            )}
            {!voiceFirst && (
              <>
                <SoundPart clip={clip} />
                <RangePart clip={clip} />
              </>
            )}
            {able && (able.tag !== 'en' || !able.recognised) && (
              <p className="text-note text-soft">{able.offer}</p>
            )}
            {voiceFirst && !script.trim() ? (
              <QuietButton disabled onClick={place}>
                <ScrollText size={16} /> Place on the voice
              </QuietButton>
            ) : (
              <MainButton disabled={!script.trim()} onClick={place}>
                <ScrollText size={16} /> Place on the voice
              </MainButton>
            )}
            {!voiceFirst && hearing}
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
