package app.redlamp.desktop.production;

import app.redlamp.desktop.job.JobService;

/** Whoever only wants to know what came out, or not even that. */
interface Done<T> extends JobService.Listener<T> {
    @Override
    default void done(int part, T result) {}

    @Override
    default void failed(int part, String message) {}

    @Override
    default void ended(boolean cancelled) {}
}
