package app.redlamp.media.ffmpeg;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.IOException;
import org.bytedeco.ffmpeg.global.avutil;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;

class FfmpegTest {
    @BeforeAll
    static void load() throws IOException {
        Ffmpeg.load();
    }

    /** The words are the library's own; whatever else lay in that memory is not among them. */
    @Test
    void messagesEndWhereTheyEnd() {
        for (int i = 0; i < 100; i++) {
            assertThat(Ffmpeg.message(avutil.AVERROR_INVALIDDATA()))
                    .isEqualTo("Invalid data found when processing input");
        }
    }

    @Test
    void whatFailsIsNamed() throws IOException {
        assertThat(Ffmpeg.check(7, "trying")).isEqualTo(7);
        assertThatThrownBy(() -> Ffmpeg.check(avutil.AVERROR_EOF(), "trying"))
                .isInstanceOf(IOException.class)
                .hasMessage("trying failed: End of file");
    }
}
