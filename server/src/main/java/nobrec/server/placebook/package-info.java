/** Places as people look them up: found by a part of a name, with what went there before; described, merged, as files. */
package nobrec.server.placebook;
