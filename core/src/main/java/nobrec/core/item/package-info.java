/** What is packed and shipped: pieces with weight, size, lots, handling, value and class of goods. */
package nobrec.core.item;
