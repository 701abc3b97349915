package app.redlamp.core.log;

import java.time.Instant;

/** An entry with its moment, to the second. */
public record Logged(Instant at, LogEntry entry) {}
