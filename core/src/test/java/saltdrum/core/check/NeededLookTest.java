package saltdrum.core.check;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;

class NeededLookTest {
    @Test
    void itSaysWhatAPersonShouldLookAt() {
        assertThat(new NeededLook(0, 0).said()).isEmpty();
        assertThat(new NeededLook(1, 0).said()).isEqualTo("1 unsure word");
        assertThat(new NeededLook(3, 1).said()).isEqualTo("3 unsure words and 1 finding");
        assertThat(new NeededLook(0, 2).said()).isEqualTo("2 findings");
        assertThat(new NeededLook(3, 1).all()).isEqualTo(4);
    }
}
