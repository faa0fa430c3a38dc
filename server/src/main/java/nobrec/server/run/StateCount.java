package nobrec.server.run;

/** How many jobs of a run are in a state. */
record StateCount(RunJobState state, int jobs) {}
