/**
 * What a station of the job is. A station is a package of its own: its models, its bench, its reading, its strings; it extends
 * {@link app.redlamp.desktop.station.StationBase}, is given a {@link app.redlamp.desktop.station.StationContext}, and is hung by
 * one line where the window is put together. Stations know nothing of each other; what several of them work on lies beside them
 * (the open production, the input, jobs).
 *
 * <p>The compromise: the numbers of all seven stations are fixed here, so that a new one moves nobody's key.
 */
package app.redlamp.desktop.station;
