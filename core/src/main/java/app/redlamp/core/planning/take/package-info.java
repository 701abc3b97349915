/**
 * What was recorded and what was delivered: facts of a production, beside what was decided. A take is a file with what belongs to
 * it; it is named here and lies in the production's folder. Undoing a decision undoes no fact.
 */
package app.redlamp.core.planning.take;
