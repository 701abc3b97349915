package app.redlamp.core.taking.raw;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;

import app.redlamp.core.planning.plan.RecordingFormat;
import org.junit.jupiter.api.Test;

class DiskReserveTest {
    /** 44,100 × 3 bytes. */
    private static final long MONO = new RecordingFormat(44_100, 24, 1).bytesASecond();

    private static DiskReserve with(long seconds) {
        return new DiskReserve((64L << 20) + MONO * 10 + MONO * seconds, MONO);
    }

    @Test
    void halfAnHourIsSaidAndTheReserveIsKept() {
        assertThat(with(1801).low()).isFalse();
        assertThat(with(1799).low()).isTrue();
        assertThat(with(1799).leftMin()).isEqualTo(29);
        assertThat(with(1).over()).isFalse();
        assertThat(with(0).over()).isTrue();
        assertThat(new DiskReserve(0, MONO).over()).isTrue();
        assertThat(new DiskReserve(0, MONO).leftS()).isZero();
        assertThat(new DiskReserve(Long.MAX_VALUE, 1).leftMin()).isEqualTo(Integer.MAX_VALUE);
    }

    @Test
    void whatCannotBeIsRefused() {
        assertThatIllegalArgumentException().isThrownBy(() -> new DiskReserve(-1, MONO));
        assertThatIllegalArgumentException().isThrownBy(() -> new DiskReserve(1, 0));
        assertThatIllegalArgumentException().isThrownBy(() -> new LostStretch(-1, 5));
        assertThatIllegalArgumentException().isThrownBy(() -> new LostStretch(0, 0));
    }
}
