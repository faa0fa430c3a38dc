/** The job list: narrowed, searched and sorted at a million jobs, each part by an index. */
package nobrec.server.workorder.list;
