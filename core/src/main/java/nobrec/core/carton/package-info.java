/** Carton types, what a package in one costs, and where a piece lies in it. */
package nobrec.core.carton;
