/**
 * What a client checks, as data, and the judge that holds a report against it.
 *
 * <p>The compromise: a check is a window on one figure; what a client describes in words alone is not one.
 */
package app.redlamp.core.delivery.spec;
