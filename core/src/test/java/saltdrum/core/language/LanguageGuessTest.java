package saltdrum.core.language;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class LanguageGuessTest {
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            textBlock =
                    """
                    en | Sand it first, or you will be back by Friday.
                    de | Das Boot ist nicht fertig, und wir haben nur noch den Lack.
                    fr | Le bateau est dans le port, mais il ne part pas avec nous.
                    es | El barco no está en el puerto, pero los remos sí.
                    it | La barca non è nel porto, ma i remi sono con noi.
                    nl | De boot is niet klaar en we hebben ook geen riemen.
                    sv | Båten är inte klar och vi har inte åror som ska med.
                    pl | Łódź nie jest gotowa, ale to już tylko lakier i wiosła.
                    cy | Mae'r cwch yn y porthladd ac mae o wedi bod yno.
                    ru | Лодка не готова, но мы уже на воде, и это так.
                    uk | Човен не готовий, але ми вже на воді, і це є так.
                    ar | القارب في الميناء ولا أحد من هذا على الماء
                    ja | 舟はまだ乾いていません
                    zh | 船还没有干
                    ko | 배는 아직 마르지 않았어요
                    th | เรือยังไม่แห้ง
                    he | הסירה עדיין לא יבשה
                    """)
    void aTextTellsItsLanguage(String tag, String text) {
        assertThat(LanguageGuess.of(text)).contains(tag);
    }

    @Test
    void whatDoesNotTellIsNotGuessed() {
        assertThat(LanguageGuess.of("")).isEmpty();
        assertThat(LanguageGuess.of("123 … !")).isEmpty();
        assertThat(LanguageGuess.of("Skarholm Halvorsen")).isEmpty();
    }
}
