/**
 * Data sheets in any units and words, read, converted and doubted.
 *
 * <p>The compromise: what a sheet leaves out is filled with what is usual, and how far that may be off is said.
 */
package app.redlamp.core.chain.datasheet;
