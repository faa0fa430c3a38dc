import { useState } from "react";
import { answer, api } from "../api/client";
import { useMay } from "../signin/who";
import { ProblemLine } from "../ui/states";
import { type Limits, useWriteBackAct } from "./writeBackData";

/** How fast one system is called, and whether at all; what is due waits meanwhile. */
export function TargetLimits({ target }: { target: Limits }) {
  const may = useMay();
  const [calls, setCalls] = useState(String(target.limits.callsAMinute));
  const keep = useWriteBackAct((limits: Limits["limits"]) =>
    answer(
      api.PUT("/api/v1/write-backs/{code}/limits", {
        params: { path: { code: target.code } },
        body: limits,
      }),
    ),
  );
  return (
    <div className="space-y-1">
      <p>
        {target.limits.paused ? (
          <strong className="text-warning">Switched off: what is due waits here.</strong>
        ) : target.leftAlone ? (
          <strong className="text-warning">Left alone for a moment: it did not answer.</strong>
        ) : (
          <span className="text-primary">✓ It is called.</span>
        )}{" "}
        <span className="figure">{target.waiting}</span> {target.waiting === 1 ? "waits" : "wait"}.
      </p>
      {may("SET_UP") && (
        <div className="flex flex-wrap items-center gap-x-4 gap-y-1">
          <button
            type="button"
            className="act"
            disabled={keep.isPending}
            onClick={() => keep.mutate({ ...target.limits, paused: !target.limits.paused })}
          >
            {target.limits.paused ? `Call ${target.name} again` : `Switch ${target.name} off`}
          </button>
          <label className="flex flex-wrap items-center gap-2">
            at most
            <input
              className="entry figure w-16"
              inputMode="numeric"
              maxLength={4}
              value={calls}
              onChange={(event) => setCalls(event.target.value.replace(/\D/g, ""))}
              onBlur={() => {
                const callsAMinute = Math.min(6000, Number(calls || 0));
                setCalls(String(callsAMinute));
                if (callsAMinute !== target.limits.callsAMinute) {
                  keep.mutate({ ...target.limits, callsAMinute });
                }
              }}
            />
            calls a minute (0: no limit)
          </label>
        </div>
      )}
      {keep.isError && <ProblemLine error={keep.error} />}
    </div>
  );
}
