/** How long, how many, how large, how early and how late each field may be, for every way in. */
package nobrec.core.limit;
