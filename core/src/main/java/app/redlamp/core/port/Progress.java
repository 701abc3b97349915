package app.redlamp.core.port;

import java.util.concurrent.CancellationException;

/** How long work reports how far it is and learns that nobody wants it any more. May be called from any thread. */
public interface Progress {

    /** Nobody watches, nobody cancels. */
    Progress NONE = new Progress() {
        @Override
        public void at(double share) {}

        @Override
        public boolean cancelled() {
            return false;
        }
    };

    /** @param share how much is done, from 0 to 1 */
    void at(double share);

    boolean cancelled();

    /** @throws CancellationException if the work is to stop */
    default void check() {
        if (cancelled()) {
            throw new CancellationException();
        }
    }

    /** Progress of a part that goes from {@code from} to {@code to} of the whole. */
    default Progress part(double from, double to) {
        Progress whole = this;
        return new Progress() {
            @Override
            public void at(double share) {
                whole.at(from + share * (to - from));
            }

            @Override
            public boolean cancelled() {
                return whole.cancelled();
            }
        };
    }
}
