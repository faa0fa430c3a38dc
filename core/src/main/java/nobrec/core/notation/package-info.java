/** Figures, measures, amounts, days and times as people and programs write them: read in one notation or refused, and shown. */
package nobrec.core.notation;
