/**
 * What the computation needs of the machine, as interfaces; whoever has files, devices or a disk implements them. Faults are one
 * line that says what to do.
 *
 * <p>The compromise: paths pass through as names; nothing here opens one.
 */
package app.redlamp.core.port;
