/**
 * What went wrong, in words for somebody at a desk. Faults of the system come with messages of their own; these are looked up
 * here by what they say, because the runtime gives no numbers for them.
 */
package app.redlamp.core.fault;
