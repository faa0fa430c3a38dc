/** What a freight carrier is told of the goods it takes. */
package nobrec.core.freight;
