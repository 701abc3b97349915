/**
 * What is printed or taken elsewhere: a report on a delivery and a table, as plain data. The words are already in them; how they
 * become HTML, PDF or CSV is for whoever writes them.
 */
package app.redlamp.core.print;
