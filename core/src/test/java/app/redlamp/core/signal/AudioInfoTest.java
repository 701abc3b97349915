package app.redlamp.core.signal;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.OptionalInt;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class AudioInfoTest {
    /** Nobody has heard of pcm_mulaw, and a WAV that leaves things out is not called a WAV. */
    @ParameterizedTest
    @CsvSource({
        "wav, pcm_s24le, wav",
        "aiff, pcm_s16be, aiff",
        "flac, flac, flac",
        "wav, pcm_f32le, 'wav, float'",
        "aiff, pcm_f64be, 'aiff, float'",
        "wav, pcm_mulaw, mulaw",
        "wav, pcm_alaw, alaw",
        "wav, adpcm_ms, adpcm_ms",
        "wav, mp3, mp3",
        "mp3, mp3, mp3",
        "m4a, aac, m4a",
        "ogg, opus, ogg"
    })
    void aCodingHasTheNameThatPeopleGiveIt(String container, String codec, String name) {
        AudioInfo info = new AudioInfo(container, codec, 48_000, OptionalInt.empty(), 1, 1, OptionalInt.empty());
        assertThat(info.codingName()).isEqualTo(name);
    }
}
