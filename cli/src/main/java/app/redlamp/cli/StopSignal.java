package app.redlamp.cli;

import java.lang.reflect.InvocationHandler;
import java.lang.reflect.Proxy;
import java.util.List;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.TimeUnit;

/**
 * Somebody wants a command to end, with Ctrl+C or as the system shuts down: it ends what it does and prints what it has to. Where the
 * runtime gives signals to nobody, they are waited for when it ends.
 */
final class StopSignal implements AutoCloseable {
    private static final List<String> NAMES = List.of("INT", "TERM", "HUP");

    /** A system that shuts down waits for no more. */
    private static final long PATIENCE_S = 60;

    private final CountDownLatch asked = new CountDownLatch(1);
    private final CountDownLatch ended = new CountDownLatch(1);

    /** Listens from now on. */
    static StopSignal listening() {
        StopSignal signal = new StopSignal();
        for (String name : NAMES) {
            signal.handle(name);
        }
        Runtime.getRuntime().addShutdownHook(new Thread(signal::atEnd, "stop"));
        return signal;
    }

    /** By reflection, for the runtime's own class is not of its official ones; every runtime has it. */
    private void handle(String name) {
        try {
            Class<?> type = Class.forName("sun.misc.Signal");
            Class<?> handler = Class.forName("sun.misc.SignalHandler");
            InvocationHandler stop = (proxy, method, values) -> {
                ask();
                return null;
            };
            Object made = Proxy.newProxyInstance(StopSignal.class.getClassLoader(), new Class<?>[] {handler}, stop);
            type.getMethod("handle", type, handler)
                    .invoke(null, type.getConstructor(String.class).newInstance(name), made);
        } catch (ReflectiveOperationException e) {
            // The hook below sees it.
            return;
        }
    }

    private void atEnd() {
        ask();
        try {
            ended.await(PATIENCE_S, TimeUnit.SECONDS);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        }
    }

    /** Asks for the end, as the signal does. */
    void ask() {
        asked.countDown();
    }

    /** Waits for so long, or until somebody wants the end; whether somebody does. */
    boolean await(long milliseconds) {
        try {
            return asked.await(milliseconds, TimeUnit.MILLISECONDS);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            return true;
        }
    }

    /** All is printed: nobody need wait any more. */
    @Override
    public void close() {
        ended.countDown();
    }
}
