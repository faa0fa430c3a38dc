/** What a trading partner demands of us: labels by their numbers, notices in their form; and whether a job can meet that. */
package nobrec.core.partner;
