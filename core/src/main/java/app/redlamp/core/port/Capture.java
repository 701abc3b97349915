package app.redlamp.core.port;

import app.redlamp.core.fault.Faults;
import java.util.List;
import java.util.Locale;

/** Listens to microphones: sound devices of this machine, and the simulated booth. */
public interface Capture extends AutoCloseable {

    /**
     * Something that can be listened to.
     *
     * @param id tells it from the others, also after a restart
     * @param name what it is called
     * @param simulated whether it is the simulated booth
     * @param channels most channels that it gives, 1 or more
     */
    record Input(String id, String name, boolean simulated, int channels) {}

    /**
     * How it is listened to.
     *
     * @param sampleRateHz 8000 to 192 000
     * @param bits 16, 24 or 32
     * @param channels 1 to 16
     */
    record Format(int sampleRateHz, int bits, int channels) {
        /** @throws IllegalArgumentException out of range */
        public Format {
            if (!(sampleRateHz >= 8000
                    && sampleRateHz <= 192_000
                    && (bits == 16 || bits == 24 || bits == 32)
                    && channels >= 1
                    && channels <= 16)) {
                throw new IllegalArgumentException(
                        Faults.say("capture.hz-bits-channels", sampleRateHz, bits, channels));
            }
        }
    }

    /** Why an input cannot be listened to, or no longer. */
    enum Fault {
        /** It is not there any more. */
        GONE,
        /** Somebody else has it for themselves. */
        IN_USE,
        /** The operating system does not let this application listen. */
        NOT_ALLOWED,
        /** It does not give this rate, depth or number of channels. */
        WRONG_FORMAT,
        /** It is open and gives nothing. */
        SILENT,
        /** Something else. */
        OTHER;

        /** Name in reports, such as {@code in-use}. */
        public String id() {
            return name().toLowerCase(Locale.ROOT).replace('_', '-');
        }
    }

    /** An input that cannot be listened to. The message is for people who look into logs; {@link #fault} is for users. */
    final class CaptureException extends java.io.IOException {
        private static final long serialVersionUID = 1;
        private final Fault fault;

        public CaptureException(Fault fault, String message, Throwable cause) {
            super(message, cause);
            this.fault = fault;
        }

        /** What went wrong. */
        public Fault fault() {
            return fault;
        }
    }

    /** Takes what is heard; called on a thread of its own and not to be held up. */
    interface Taker {
        /**
         * The next frames; the block is used again afterwards.
         *
         * @param block one array a channel, full scale ±1
         * @param lost frames that were lost just before these, as far as that is known
         */
        void take(float[][] block, int frames, long lost);

        /** Nothing more will come. */
        void ended(Fault fault);
    }

    /** An open input. */
    interface Line extends AutoCloseable {
        Input input();

        Format format();

        /** From the microphone to {@link Taker#take}, in seconds, as far as it is known. */
        double latencyS();

        /** Stops listening; the taker is told nothing more. */
        @Override
        void close();
    }

    /** What there is now, the simulated booth last. May take a moment. */
    List<Input> inputs();

    /**
     * Listens.
     *
     * @throws CaptureException where it cannot be listened to
     */
    Line open(Input input, Format format, Taker taker) throws CaptureException;

    /** Closes all that is open. */
    @Override
    void close();
}
