-- Packages of a question are found by their own ids: the index only cost what each question changes in it.
DROP INDEX IF EXISTS package_track_claimed ON package_track;
