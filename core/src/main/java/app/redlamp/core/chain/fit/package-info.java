/**
 * Whether the parts of a kit go together and with a job, what each miss does, and the verdict on all of it.
 *
 * <p>The compromise: rules are written out one by one, because each has a sentence and a remedy of its own.
 */
package app.redlamp.core.chain.fit;
