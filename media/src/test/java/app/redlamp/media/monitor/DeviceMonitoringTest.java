package app.redlamp.media.monitor;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.ArgumentMatchers.anyInt;
import static org.mockito.Mockito.doThrow;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.verify;
import static org.mockito.Mockito.when;

import app.redlamp.core.port.Capture.CaptureException;
import app.redlamp.core.port.Capture.Fault;
import app.redlamp.core.port.Monitoring.Ears;
import app.redlamp.core.port.Monitoring.Output;
import app.redlamp.media.capture.BoothCapture;
import java.io.ByteArrayOutputStream;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.atomic.AtomicInteger;
import javax.sound.sampled.AudioFormat;
import javax.sound.sampled.LineUnavailableException;
import javax.sound.sampled.SourceDataLine;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Headphones in all their moods; the device itself is a stand-in. */
class DeviceMonitoringTest {
    private static final int RATE = 48_000;
    private static final int BUFFER = 1920 * 4;

    private final SourceDataLine line = mock(SourceDataLine.class);
    private final AtomicInteger waiting = new AtomicInteger();
    private final ByteArrayOutputStream written = new ByteArrayOutputStream();
    private final Fake fake = new Fake();
    private final DeviceMonitoring monitoring = new DeviceMonitoring(fake);

    private final class Fake implements Speakers {
        final List<String> here = new ArrayList<>(List.of("Lamp cans", "Desk Speakers"));

        @Override
        public List<String> all() {
            return here;
        }

        @Override
        public SourceDataLine line(String device, AudioFormat format) {
            return line;
        }
    }

    @BeforeEach
    void begin() {
        when(line.getFormat()).thenReturn(DeviceEars.format(RATE));
        when(line.getBufferSize()).thenReturn(BUFFER);
        when(line.isOpen()).thenReturn(true);
        when(line.available()).thenAnswer(i -> BUFFER - waiting.get());
        when(line.write(any(), anyInt(), anyInt())).thenAnswer(i -> {
            int count = i.getArgument(2);
            assertThat(count).as("nobody waits").isLessThanOrEqualTo(BUFFER - waiting.get());
            waiting.addAndGet(count);
            written.write(i.getArgument(0), 0, count);
            return count;
        });
    }

    private Output output(int index) {
        return monitoring.outputs().get(index);
    }

    @Test
    void aLoudspeakerIsKnownByItsName() {
        assertThat(monitoring.outputs()).extracting(Output::loudspeaker).containsExactly(false, true);
        assertThat(monitoring.outputs()).noneMatch(Output::simulated);
    }

    /** Half a buffer of 40 ms rests in the device; what is played comes after it. */
    @Test
    void theDelayIsWhatWaitsInTheDevice() throws CaptureException {
        Ears ears = monitoring.open(output(0), RATE);
        assertThat(ears.latencyS()).isCloseTo(0.02, within(1e-9));
        ears.play(new float[480], 480);
        assertThat(ears.latencyS()).isCloseTo(0.03, within(1e-9));
    }

    @Test
    void samplesComeOutOnBothSides() throws CaptureException {
        Ears ears = monitoring.open(output(0), RATE);
        int rest = written.size();
        ears.play(new float[] {0.5f, -3f}, 2);
        byte[] all = written.toByteArray();
        assertThat(all).hasSize(rest + 8);
        assertThat(java.nio.ByteBuffer.wrap(all, rest, 8)
                        .order(java.nio.ByteOrder.LITTLE_ENDIAN)
                        .asShortBuffer())
                .extracting(b -> b.get(0), b -> b.get(1), b -> b.get(2))
                .containsExactly((short) 16384, (short) 16384, (short) -32767);
    }

    /** The device does not keep up: what has no place is left out, and nobody is held up. */
    @Test
    void whatHasNoPlaceIsLeftOut() throws CaptureException {
        Ears ears = monitoring.open(output(0), RATE);
        for (int i = 0; i < 10; i++) {
            ears.play(new float[480], 480);
        }
        assertThat(waiting).hasValue(BUFFER);
    }

    /** It ran dry: half a buffer of silence again, or every block would crackle. */
    @Test
    void whatRanDryRestsAgain() throws CaptureException {
        Ears ears = monitoring.open(output(0), RATE);
        waiting.set(0);
        ears.play(new float[480], 480);
        assertThat(ears.latencyS()).isCloseTo(0.03, within(1e-9));
    }

    @Test
    void aDeviceThatIsPulledOutIsGone() throws CaptureException {
        Ears ears = monitoring.open(output(0), RATE);
        when(line.isOpen()).thenReturn(false);
        int before = written.size();
        ears.play(new float[480], 480);
        assertThat(ears.gone()).isTrue();
        assertThat(written.size()).isEqualTo(before);
    }

    @Test
    void closedItIsSilentAtOnce() throws CaptureException {
        Ears ears = monitoring.open(output(0), RATE);
        monitoring.close();
        verify(line).flush();
        verify(line).close();
        int before = written.size();
        ears.play(new float[480], 480);
        assertThat(written.size()).isEqualTo(before);
        assertThat(ears.gone()).isFalse();
    }

    @ParameterizedTest
    @CsvSource({"format, WRONG_FORMAT", "security, NOT_ALLOWED", "busy, IN_USE"})
    void whatRefusesIsSaidWithItsReason(String how, Fault fault) throws LineUnavailableException {
        Exception why = switch (how) {
            case "format" -> new IllegalArgumentException("no such format");
            case "security" -> new SecurityException("not allowed");
            default -> new LineUnavailableException("line in use");
        };
        doThrow(why).when(line).open(any(AudioFormat.class), anyInt());
        assertThatThrownBy(() -> monitoring.open(output(0), RATE))
                .isInstanceOfSatisfying(
                        CaptureException.class, e -> assertThat(e.fault()).isEqualTo(fault));
        verify(line).close();
    }

    @Test
    void whatIsNotThereAnyMoreIsGone() {
        Output gone = output(0);
        fake.here.clear();
        assertThatThrownBy(() -> monitoring.open(gone, RATE))
                .isInstanceOfSatisfying(
                        CaptureException.class, e -> assertThat(e.fault()).isEqualTo(Fault.GONE));
    }

    @Test
    void theBoothsHeadphonesSayThatTheyAreSimulated() throws CaptureException {
        Outputs all = new Outputs(monitoring, new BoothMonitoring(new BoothCapture("Booth", nanoseconds -> {})));
        List<Output> last = all.outputs().subList(2, 4);
        assertThat(last)
                .allMatch(Output::simulated)
                .extracting(Output::loudspeaker)
                .containsExactly(false, true);
        Ears ears = all.open(last.get(0), RATE);
        assertThat(ears.latencyS()).isBetween(0.02, 0.05);
        assertThatThrownBy(() -> all.open(last.get(1), RATE)).hasMessageContaining("already");
        ears.close();
        all.open(last.get(1), RATE);
        all.close();
        assertThat(waiting).as("no device was touched").hasValue(0);
    }
}
