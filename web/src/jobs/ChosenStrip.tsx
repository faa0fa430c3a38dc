import { keepPreviousData, useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { type ReactNode, useCallback, useMemo, useState } from "react";
import { useNavigate } from "react-router";
import { answer, api, type Schemas } from "../api/client";
import { holdJobs, releaseJobs } from "../job/useJob";
import { runOf, useMakeRun } from "../runs/useRun";
import { useMay } from "../signin/who";
import { count } from "../ui/format";
import { Key } from "../ui/Key";
import { useKeys } from "../ui/keys";
import { Labeled } from "../ui/Labeled";
import { OutcomesLine } from "../ui/outcomes";
import { ProblemLine } from "../ui/states";
import { PickPapers } from "./PickPapers";
import { TellOthers } from "./TellOthers";
import type { Chosen } from "./useChosen";

export const MOST_AT_ONCE = 500;

type Field = Schemas["job.ValueForAll"]["field"];

const FIELDS: { field: Field; label: string }[] = [
  { field: "PROMISE_DATE", label: "Promise date" },
  { field: "SERVICE", label: "Requested service" },
  { field: "TERMS", label: "Freight terms" },
  { field: "SITE", label: "Site it leaves from" },
  { field: "CARTON", label: "Requested package" },
  { field: "BATCH", label: "Batch" },
  { field: "PHONE", label: "Phone" },
  { field: "CARRIER_ACCOUNT", label: "Carrier account" },
  { field: "NOTES", label: "Notes" },
];

/** What can be done with the jobs that are chosen, how many they are and what they weigh. */
export function ChosenStrip({ chosen, all }: { chosen: Chosen; all: ReactNode }) {
  const queries = useQueryClient();
  const may = useMay();
  const rows = [...chosen.rows.values()];
  const numbers = rows.map((row) => row.number);
  const [asking, setAsking] = useState<"hold" | "field" | undefined>();
  const [picking, setPicking] = useState(false);
  const [telling, setTelling] = useState(false);
  const [text, setText] = useState("");
  const [field, setField] = useState<Field>("PROMISE_DATE");
  const act = useMutation({
    mutationFn: (what: "hold" | "release" | "field") =>
      what === "hold"
        ? holdJobs(numbers, text)
        : what === "release"
          ? releaseJobs(numbers)
          : answer(
              api.POST("/api/v1/work-orders/entries", {
                body: { field, text, jobs: numbers.map((job) => ({ job, line: 0 })) },
              }),
            ),
    onSuccess: () => {
      setAsking(undefined);
      setText("");
    },
    onSettled: () => queries.invalidateQueries(),
  });
  const { none } = chosen;
  const navigate = useNavigate();
  const make = useMakeRun();
  const tooMany = rows.length > MOST_AT_ONCE;
  const mayRun = may("PACK_AND_SHIP") && !tooMany && !make.isPending;
  const makeRun = make.mutate;
  const chosenRows = chosen.rows;
  const ship = useCallback(
    () =>
      makeRun([...chosenRows.keys()], {
        onSuccess: (run) => void navigate(runOf(run.id)),
      }),
    [makeRun, chosenRows, navigate],
  );
  useKeys(
    useMemo(
      () => [
        { key: "Escape", label: "Choose none", run: none },
        {
          key: "p",
          label: "Papers of the chosen",
          group: "Jobs",
          run: () => setPicking((before) => !before),
        },
        ...(mayRun ? [{ key: "r", label: "Ship the chosen as a run", group: "Jobs", run: ship }] : []),
      ],
      [none, mayRun, ship],
    ),
  );
  return (
    <section
      aria-label="Chosen jobs"
      className="sticky bottom-0 -mx-5 mt-3 border-t-2 border-base-content bg-base-100 px-5 py-2"
    >
      <div className="flex flex-wrap items-center gap-3">
        <strong role="status">{count(rows.length, "job", "jobs")} chosen</strong>
        <Weight numbers={numbers} />
        {may("PACK_AND_SHIP") && (
          <button type="button" className="act border-2 font-bold" disabled={!mayRun} onClick={ship}>
            Ship as a run <Key name="R" />
          </button>
        )}
        <button
          type="button"
          className="act"
          aria-expanded={picking}
          onClick={() => setPicking((before) => !before)}
        >
          Print <Key name="P" />
        </button>
        {may("SEE_CHARGES") && (
          <button
            type="button"
            className="act"
            aria-expanded={telling}
            onClick={() => setTelling((before) => !before)}
          >
            Write back
          </button>
        )}
        {may("BRING_IN") && (
          <>
            <button type="button" className="act" disabled={tooMany} onClick={() => setAsking("hold")}>
              Hold them
            </button>
            <button
              type="button"
              className="act"
              disabled={tooMany || act.isPending || rows.every((row) => !row.held)}
              onClick={() => act.mutate("release")}
            >
              Release them
            </button>
            <button type="button" className="act" disabled={tooMany} onClick={() => setAsking("field")}>
              Write one value in all
            </button>
          </>
        )}
        {tooMany && <span className="text-warning">At most {MOST_AT_ONCE} at once.</span>}
        <span className="ml-auto" />
        {all}
        <button type="button" className="act" onClick={none}>
          Choose none <Key name="Esc" />
        </button>
      </div>
      {picking && <PickPapers jobs={numbers} />}
      {telling && <TellOthers jobs={numbers} />}
      {asking && (
        <form
          className="mt-2 flex flex-wrap items-end gap-3"
          onSubmit={(event) => {
            event.preventDefault();
            act.mutate(asking);
          }}
        >
          {asking === "field" && (
            <Labeled text="Field">
              <select
                className="entry"
                autoFocus
                value={field}
                onChange={(event) => setField(event.target.value as Field)}
              >
                {FIELDS.map((each) => (
                  <option key={each.field} value={each.field}>
                    {each.label}
                  </option>
                ))}
              </select>
            </Labeled>
          )}
          <Labeled text={asking === "hold" ? "They must not go because" : "In all of them"}>
            <input
              className="entry w-96 max-w-full"
              autoFocus={asking === "hold"}
              value={text}
              maxLength={asking === "hold" ? 120 : 1000}
              onChange={(event) => setText(event.target.value)}
              onKeyDown={(event) => {
                if (event.key === "Escape") {
                  event.stopPropagation();
                  setAsking(undefined);
                }
              }}
            />
          </Labeled>
          <button
            type="submit"
            className="act"
            disabled={act.isPending || (asking === "hold" && text.trim() === "")}
          >
            {asking === "hold" ? "Hold" : "Write"}
          </button>
        </form>
      )}
      {make.isError && <ProblemLine error={make.error} />}
      {act.isError && <ProblemLine error={act.error} />}
      {act.data && <OutcomesLine outcomes={act.data} />}
    </section>
  );
}

/** Of those whose weight is known, and how many are not. */
function Weight({ numbers }: { numbers: string[] }) {
  const sum = useQuery({
    queryKey: ["jobs", "sum", numbers],
    queryFn: () => answer(api.POST("/api/v1/work-orders/sum", { body: { jobs: numbers } })),
    enabled: numbers.length <= MOST_AT_ONCE,
    placeholderData: keepPreviousData,
  });
  return (
    <span>
      {sum.data?.weight && <span className="figure">{sum.data.weight.text}</span>}
      {sum.data !== undefined && sum.data.unknown > 0 && (
        <span className="quiet">
          {" "}
          {sum.data.weight ? "and " : ""}
          {sum.data.unknown} of unknown weight
        </span>
      )}
    </span>
  );
}
