package app.redlamp.media.capture;

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
import app.redlamp.core.port.Capture.Format;
import app.redlamp.core.port.Capture.Input;
import app.redlamp.core.port.Capture.Line;
import app.redlamp.core.port.Capture.Taker;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicLong;
import java.util.concurrent.atomic.AtomicReference;
import javax.sound.sampled.AudioFormat;
import javax.sound.sampled.LineUnavailableException;
import javax.sound.sampled.TargetDataLine;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** A sound device in all its moods; the device itself is a stand-in. */
class DeviceCaptureTest {
    private static final Format MONO = new Format(48_000, 24, 1);
    private final TargetDataLine line = mock(TargetDataLine.class);
    private final FakeDevices devices = new FakeDevices();
    private final DeviceCapture capture = new DeviceCapture(devices);
    private final Heard heard = new Heard();

    private final class FakeDevices implements Devices {
        List<Device> here = new ArrayList<>(List.of(new Device("Lamp box", 2)));
        Exception refuses;

        @Override
        public List<Device> all() {
            return here;
        }

        @Override
        public TargetDataLine line(Device device, AudioFormat format) throws LineUnavailableException {
            if (refuses instanceof LineUnavailableException e) {
                throw e;
            }
            if (refuses instanceof RuntimeException e) {
                throw e;
            }
            return line;
        }
    }

    private static final class Heard implements Taker {
        final CountDownLatch some = new CountDownLatch(1);
        final CountDownLatch over = new CountDownLatch(1);
        final AtomicReference<Fault> fault = new AtomicReference<>();
        final AtomicReference<float[]> first = new AtomicReference<>();
        final AtomicLong lost = new AtomicLong();

        @Override
        public void take(float[][] block, int frames, long lostFrames) {
            first.compareAndSet(null, block[0].clone());
            lost.addAndGet(lostFrames);
            some.countDown();
        }

        @Override
        public void ended(Fault why) {
            fault.set(why);
            over.countDown();
        }
    }

    private Input input() {
        return capture.inputs().get(0);
    }

    @Test
    void inputsAreTheDevicesAndNoneOfThemIsSimulated() {
        assertThat(capture.inputs()).extracting(Input::name).containsExactly("Lamp box");
        assertThat(input().simulated()).isFalse();
        devices.here.clear();
        assertThat(capture.inputs()).isEmpty();
    }

    @Test
    void samplesAreDecoded() throws Exception {
        when(line.isOpen()).thenReturn(true);
        when(line.read(any(), anyInt(), anyInt())).thenAnswer(call -> {
            byte[] bytes = call.getArgument(0);
            // 0x400000 is half of full scale.
            for (int n = 0; n < bytes.length; n += 3) {
                bytes[n] = 0;
                bytes[n + 1] = 0;
                bytes[n + 2] = (byte) (n % 2 == 0 ? 0x40 : 0xC0);
            }
            return bytes.length;
        });
        Line open = capture.open(input(), MONO, heard);
        assertThat(heard.some.await(10, TimeUnit.SECONDS)).isTrue();
        open.close();
        assertThat(heard.first.get()[0]).isEqualTo(0.5f, within(1e-6f));
        assertThat(heard.first.get()[1]).isEqualTo(-0.5f, within(1e-6f));
        assertThat(open.format()).isEqualTo(MONO);
        assertThat(open.input().name()).isEqualTo("Lamp box");
        verify(line).close();
    }

    @Test
    void aDeviceThatVanishesIsTold() throws Exception {
        when(line.isOpen()).thenReturn(false);
        when(line.read(any(), anyInt(), anyInt())).thenReturn(0);
        capture.open(input(), MONO, heard);
        assertThat(heard.over.await(10, TimeUnit.SECONDS)).isTrue();
        assertThat(heard.fault.get()).isEqualTo(Fault.GONE);
    }

    @Test
    void aDriverThatBreaksIsADeviceThatIsGone() throws Exception {
        when(line.read(any(), anyInt(), anyInt())).thenThrow(new IllegalStateException("driver"));
        capture.open(input(), MONO, heard);
        assertThat(heard.over.await(10, TimeUnit.SECONDS)).isTrue();
        assertThat(heard.fault.get()).isEqualTo(Fault.GONE);
    }

    /** The device has counted more than anybody got: its buffer ran over. */
    @Test
    void whatIsLostIsCounted() throws Exception {
        when(line.isOpen()).thenReturn(true);
        when(line.read(any(), anyInt(), anyInt())).thenAnswer(c -> ((byte[]) c.getArgument(0)).length);
        when(line.getLongFramePosition()).thenReturn(96_000L);
        Line open = capture.open(input(), MONO, heard);
        assertThat(heard.some.await(10, TimeUnit.SECONDS)).isTrue();
        open.close();
        assertThat(heard.lost.get()).isGreaterThan(90_000);
    }

    @ParameterizedTest
    @CsvSource({
        "'line with format PCM_SIGNED not supported', WRONG_FORMAT",
        "'line is in use', IN_USE",
        "'permission denied', NOT_ALLOWED"
    })
    void theDriversWordsBecomeAReason(String words, Fault fault) {
        devices.refuses = new LineUnavailableException(words);
        assertFault(fault);
    }

    @Test
    void aFormatThatIsNotKnown() {
        devices.refuses = new IllegalArgumentException("no such format");
        assertFault(Fault.WRONG_FORMAT);
    }

    @Test
    void aMachineThatDoesNotLetItListen() throws Exception {
        doThrow(new SecurityException("no")).when(line).open(any(), anyInt());
        assertFault(Fault.NOT_ALLOWED);
    }

    @Test
    void aDeviceThatWasPulledOutMeanwhile() {
        Input was = input();
        devices.here.clear();
        assertThatThrownBy(() -> capture.open(was, MONO, heard))
                .isInstanceOfSatisfying(
                        CaptureException.class, e -> assertThat(e.fault()).isEqualTo(Fault.GONE));
    }

    private void assertFault(Fault fault) {
        assertThatThrownBy(() -> capture.open(input(), MONO, heard))
                .isInstanceOfSatisfying(
                        CaptureException.class, e -> assertThat(e.fault()).isEqualTo(fault));
    }

    @Test
    void sixteenAndThirtyTwoBitsToo() {
        float[][] block = new float[2][1];
        new PcmDecoder(16, 2).decode(new byte[] {0, 0x40, 0, (byte) 0xC0}, block, 1);
        assertThat(block[0][0]).isEqualTo(0.5f);
        assertThat(block[1][0]).isEqualTo(-0.5f);
        new PcmDecoder(32, 1).decode(new byte[] {0, 0, 0, (byte) 0x80}, block, 1);
        assertThat(block[0][0]).isEqualTo(-1f);
    }
}
