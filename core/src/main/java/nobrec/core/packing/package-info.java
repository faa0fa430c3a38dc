/** Which cartons are the cheapest and where each piece lies. The search is hidden in {@code packing.search}. */
package nobrec.core.packing;
