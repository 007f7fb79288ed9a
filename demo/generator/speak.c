/* Speaks lines with flite and tells when each written word sounds.
 * Input on stdin, a line each:  voice|pause after in ms|text     (voices: rms, slt, awb, kal16)
 * speak OUT.wav < LINES > WORDS     WORDS: start<TAB>end<TAB>word, seconds, from the synthesiser's own segments. */
#include <flite/flite.h>
#include <stdio.h>
#include <string.h>

cst_voice *register_cmu_us_rms(const char *);
cst_voice *register_cmu_us_slt(const char *);
cst_voice *register_cmu_us_awb(const char *);
cst_voice *register_cmu_us_kal16(const char *);

static cst_voice *voice(const char *name) {
    if (!strcmp(name, "slt")) return register_cmu_us_slt(NULL);
    if (!strcmp(name, "awb")) return register_cmu_us_awb(NULL);
    if (!strcmp(name, "kal16")) return register_cmu_us_kal16(NULL);
    return register_cmu_us_rms(NULL);
}

int main(int argc, char **argv) {
    char line[4096];
    cst_wave *all = NULL;
    if (argc != 2) return 2;
    flite_init();
    while (fgets(line, sizeof line, stdin)) {
        char *name = strtok(line, "|"), *pause = strtok(NULL, "|"), *text = strtok(NULL, "\n");
        double offset = all ? (double)cst_wave_num_samples(all) / cst_wave_sample_rate(all) : 0;
        cst_utterance *utt;
        cst_item *token;
        cst_wave *wave;
        int silence, i;
        if (!text) continue;
        utt = flite_synth_text(text, voice(name));
        for (token = relation_head(utt_relation(utt, "Token")); token; token = item_next(token)) {
            cst_item *first = item_daughter(token), *last;
            float start;
            if (!first) continue;
            for (last = first; item_next(last); last = item_next(last)) {}
            start = ffeature_float(item_as(first, "Word"), "R:SylStructure.daughter1.daughter1.R:Segment.p.end");
            printf("%.3f\t%.3f\t%s%s%s\n",
                   offset + start,
                   offset + ffeature_float(item_as(last, "Word"), "R:SylStructure.daughtern.daughtern.R:Segment.end"),
                   item_feat_present(token, "prepunctuation") ? item_feat_string(token, "prepunctuation") : "",
                   item_feat_string(token, "name"),
                   item_feat_present(token, "punc") ? item_feat_string(token, "punc") : "");
        }
        wave = copy_wave(utt_wave(utt));
        silence = atoi(pause) * cst_wave_sample_rate(wave) / 1000;
        i = cst_wave_num_samples(wave);
        cst_wave_resize(wave, i + silence, 1);
        for (; i < cst_wave_num_samples(wave); i++) wave->samples[i] = 0;
        if (!all) all = wave; else concat_wave(all, wave);
        delete_utterance(utt);
    }
    return cst_wave_save_riff(all, argv[1]) == CST_OK_FORMAT ? 0 : 1;
}
