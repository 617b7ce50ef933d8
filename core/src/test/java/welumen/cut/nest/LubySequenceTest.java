package welumen.cut.nest;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.stream.LongStream;
import org.junit.jupiter.api.Test;

class LubySequenceTest {
    @Test
    void beginsAsInThePaper() {
        assertThat(LongStream.rangeClosed(1, 15).map(LubySequence::at))
                .containsExactly(1L, 1L, 2L, 1L, 1L, 2L, 4L, 1L, 1L, 2L, 1L, 1L, 2L, 4L, 8L);
    }

    /** Of the first 2ⁿ − 1 each length that stands there takes as much in all as any other, but that the longest stands once. */
    @Test
    void everyLengthGetsAsMuch() {
        for (var length = 1; length <= 64; length *= 2) {
            var wanted = length;
            assertThat(LongStream.range(1, 128)
                            .map(LubySequence::at)
                            .filter(at -> at == wanted)
                            .sum())
                    .isEqualTo(64);
        }
    }

    @Test
    void hasNothingBeforeTheFirst() {
        assertThatThrownBy(() -> LubySequence.at(0)).isInstanceOf(IllegalArgumentException.class);
    }
}
