/** The job list: what it can be narrowed by, sorted by and told in one line. */
package nobrec.core.joblist;
