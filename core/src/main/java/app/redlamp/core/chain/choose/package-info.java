/**
 * Which kit for a job: candidates, what one other part would bring, what to buy first, and where two schools differ.
 *
 * <p>The compromise: one kit of each family stands for it; the best of all combinations is not searched for.
 */
package app.redlamp.core.chain.choose;
