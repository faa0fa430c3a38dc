/** Slip designs and sticker sheets as people make them, beside what they would print of a job. */
package nobrec.server.design;
