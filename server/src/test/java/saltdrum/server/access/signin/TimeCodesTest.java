package saltdrum.server.access.signin;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.charset.StandardCharsets;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class TimeCodesTest {
    /** Of RFC 6238, appendix B. */
    private static final byte[] SECRET = "12345678901234567890".getBytes(StandardCharsets.US_ASCII);

    /** RFC 6238, appendix B, its SHA-1 rows. */
    @ParameterizedTest
    @CsvSource({
        "59, 94287082",
        "1111111109, 07081804",
        "1111111111, 14050471",
        "1234567890, 89005924",
        "2000000000, 69279037",
        "20000000000, 65353130"
    })
    void codesAreThoseOfTheStandard(long second, String code) {
        assertThat(TimeCodes.code(SECRET, TimeCodes.step(second), 8)).isEqualTo(code);
    }

    /** RFC 4226, appendix D. */
    @ParameterizedTest
    @CsvSource({"0, 755224", "1, 287082", "2, 359152", "5, 254676", "9, 520489"})
    void sixDigitsAreThoseOfTheStandardToo(long counter, String code) {
        assertThat(TimeCodes.code(SECRET, counter, 6)).isEqualTo(code);
    }

    @Test
    void aCodeIsGoodForItsStepAndTheTwoBesideIt() {
        String code = TimeCodes.code(SECRET, 100, 6);
        assertThat(TimeCodes.stepOf(SECRET, code, 100 * 30)).isEqualTo(100);
        assertThat(TimeCodes.stepOf(SECRET, code, 99 * 30)).isEqualTo(100);
        assertThat(TimeCodes.stepOf(SECRET, code, 102 * 30 - 1)).isEqualTo(100);
        assertThat(TimeCodes.stepOf(SECRET, code, 102 * 30)).isEqualTo(-1);
        assertThat(TimeCodes.stepOf(SECRET, code, 99 * 30 - 1)).isEqualTo(-1);
        assertThat(TimeCodes.stepOf(SECRET, "", 100 * 30)).isEqualTo(-1);
    }
}
