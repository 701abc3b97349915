/**
 * A client's mail read into an order: each figure beside the words that it was read from.
 *
 * <p>The compromise: what is not certain becomes a question to the client and not a figure.
 */
package app.redlamp.core.planning.mail;
