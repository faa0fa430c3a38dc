/** The item list: by hand, from files, from records, and learned from weighing; lines of jobs take from it what they lack. */
package nobrec.server.item;
