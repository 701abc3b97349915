/**
 * What a client takes: specifications, judging, finishing, and the verdict on all files of a delivery.
 *
 * <p>The compromise: a delivery is judged file by file and then together; what only a person hears is named and not decided.
 */
package app.redlamp.core.delivery;
