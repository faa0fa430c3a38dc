/** Which departure a job needs, and whether it will miss its promise. */
package nobrec.core.departure;
