/** Many jobs shipped as one run: what would happen to each, then what came of each. */
package nobrec.server.run;
