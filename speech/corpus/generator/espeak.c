/* Speaks a text with eSpeak NG and tells where in the text each word event falls, and when.
 * espeak VOICE OUT.wav < TEXT > EVENTS     EVENTS: position in the text (characters, from 0)<TAB>seconds */
#include <espeak-ng/speak_lib.h>
#include <stdio.h>
#include <stdlib.h>
#include <string.h>

static short *samples;
static size_t count, room;

static int heard(short *wav, int n, espeak_EVENT *event) {
    for (; event->type != espeakEVENT_LIST_TERMINATED; event++) {
        if (event->type == espeakEVENT_WORD)
            printf("%d\t%.3f\n", event->text_position - 1, event->audio_position / 1000.0);
        else if (event->type == espeakEVENT_END)
            printf("-1\t%.3f\n", event->audio_position / 1000.0);
    }
    if (wav && n > 0) {
        if (count + n > room) samples = realloc(samples, (room = 2 * (count + n)) * sizeof *samples);
        memcpy(samples + count, wav, n * sizeof *samples);
        count += n;
    }
    return 0;
}

int main(int argc, char **argv) {
    char text[20000];
    int rate = espeak_Initialize(AUDIO_OUTPUT_RETRIEVAL, 500, NULL, 0);
    FILE *out;
    unsigned bytes;
    if (argc != 3 || rate < 0) return 2;
    text[fread(text, 1, sizeof text - 1, stdin)] = 0;
    espeak_SetSynthCallback(heard);
    espeak_SetVoiceByName(argv[1]);
    espeak_SetParameter(espeakRATE, 150, 0);
    espeak_Synth(text, strlen(text) + 1, 0, POS_CHARACTER, 0, espeakCHARS_UTF8 | (*text == '<' ? espeakSSML : 0), NULL, NULL);
    espeak_Synchronize();
    out = fopen(argv[2], "wb");
    bytes = count * 2;
    unsigned head[11] = {0x46464952, 36 + bytes, 0x45564157, 0x20746d66, 16, 0x10001, rate, 2 * rate, 0x100002, 0x61746164, bytes};
    fwrite(head, 4, 11, out);
    fwrite(samples, 2, count, out);
    return fclose(out);
}
