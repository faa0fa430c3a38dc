# Measurements, never part of the tests.

help_bench() {
  cat <<'TEXT'
./nobrec bench
  Measures pricing and packing, as ratios within one run, a large file's intake, a day with 3,000 open jobs, a run of 500, addresses checked,
  lists on a million work orders, 100,000 packages en route, what others are told, and how long the Bench takes to follow a typed weight; writes docs/benchmarks.md. Takes about
  twenty minutes; leave the machine alone meanwhile.
TEXT
}

do_bench() {
  install_what_is_missing
  mvn -B -ntp -q -Pbench -pl core,bench -DskipTests -Dspotless.check.skip package </dev/null
  (cd bench && java -Djol.magicFieldOffset=true -cp "target/bench-0.1.0.jar:target/lib/*" nobrec.bench.Bench ../docs/benchmarks.md)
  do_test -Dtest=TypedWeightTest,LoadMeasurementTest,JobListMeasurementTest,DayMeasurementTest,RunMeasurementTest,PaperMeasurementTest,TellingMeasurementTest -Dsurefire.failIfNoSpecifiedTests=false \
    -Dnobrec.measurements="$NOBREC_HOME/docs/benchmarks.md"
}
