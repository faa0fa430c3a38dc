/** Weights, lengths and sizes as exact whole numbers of very small units. */
package nobrec.core.measure;
