/**
 * The job as a whole: brief, calendar, disk, money, and what makes a plan fit that does not.
 *
 * <p>The compromise: work is planned in whole sessions of a day; nobody is asked for minutes.
 */
package app.redlamp.core.planning.plan;
