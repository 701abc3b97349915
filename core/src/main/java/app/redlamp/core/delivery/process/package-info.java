/**
 * Steps of finishing. A {@link app.redlamp.core.delivery.process.Processor} is its settings and nothing else: a record that is
 * checked when it is made. Run over a source it becomes a source itself, with a state of its own; the same settings may run as
 * often as wanted, side by side. A chain is a list of them, with a tap after each that lets a ledger measure what a step did.
 *
 * <p>The compromise: samples are floats between the steps. What a step rounds away lies 144 dB below full scale, and in return any
 * step can stand anywhere.
 */
package app.redlamp.core.delivery.process;
