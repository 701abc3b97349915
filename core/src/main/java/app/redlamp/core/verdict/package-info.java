/**
 * Where something stands: one {@link app.redlamp.core.verdict.Verdict} for a plan, a room, a kit, a level or a delivery. Each
 * station's chapter computes its own; lamp, sentence, help, exit code, big lamp, overruling and log read it, and nothing else
 * decides. A verdict cannot disagree with its problems: its state follows from them.
 *
 * <p>The compromise: a problem carries what its chapter knows of it in a type of the chapter's own, so that a screen can offer
 * the right button; whoever only wants to know what is wrong, what it costs and what mends it needs no such type.
 */
package app.redlamp.core.verdict;
