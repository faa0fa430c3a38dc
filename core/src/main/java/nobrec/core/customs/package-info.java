/** What customs of another country wants to know of goods, and in whose words. */
package nobrec.core.customs;
