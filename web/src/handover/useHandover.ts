import { useState } from "react";
import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { answer, api, type Schemas } from "../api/client";
import { play } from "../ui/sounds";

export type LeavesBy = Schemas["handover.HandoverView"]["by"];
export type HandoverData = Schemas["handover.HandoverView"];
export type Verdict = NonNullable<HandoverData["scan"]>["verdict"];

/** Where a handover is. */
export interface At {
  site: string;
  carrier: string;
}

const LOOK_AGAIN_MS = 5_000;

export function handoverOf(at: At): string {
  return `/handover/one?site=${encodeURIComponent(at.site)}&carrier=${encodeURIComponent(at.carrier)}`;
}

/** One handover; looked at again, for others scan as well. */
export function useHandover(at: At) {
  return useQuery({
    queryKey: ["handover", at.site, at.carrier],
    queryFn: () => answer(api.GET("/api/v1/handovers/{site}/{carrier}", { params: { path: at } })),
    refetchInterval: LOOK_AGAIN_MS,
  });
}

/** An act upon one handover; what comes back is shown at once, and what came of the last scan until the next. */
export function useHandoverAct(at: At) {
  const queries = useQueryClient();
  const [scan, setScan] = useState<HandoverData["scan"]>();
  const path = { params: { path: at } };
  const acts = {
    scan: (text: string) =>
      answer(api.POST("/api/v1/handovers/{site}/{carrier}/scans", { ...path, body: { text } })),
    takeOut: (text: string) =>
      answer(api.POST("/api/v1/handovers/{site}/{carrier}/taken-out", { ...path, body: { text } })),
    takeAll: () => answer(api.POST("/api/v1/handovers/{site}/{carrier}/all", path)),
    moveToToday: () => answer(api.POST("/api/v1/handovers/{site}/{carrier}/today", path)),
    close: (leavesBy: LeavesBy, driver: string, packages: number) =>
      answer(
        api.POST("/api/v1/handovers/{site}/{carrier}/closing", {
          ...path,
          body: { leavesBy, driver, packages },
        }),
      ),
  };
  const act = useMutation({
    mutationFn: (run: (all: typeof acts) => Promise<HandoverData>) => run(acts),
    onSuccess: (view) => {
      queries.setQueryData(["handover", at.site, at.carrier], view);
      setScan(view.scan);
      if (view.scan) {
        play(view.scan.verdict === "TAKEN" ? "done" : view.scan.verdict === "ALREADY_IN" ? "look" : "stop");
      }
    },
    onError: () => {
      setScan(undefined);
      play("stop");
      void queries.invalidateQueries({ queryKey: ["handover"] });
    },
  });
  return { act, scan };
}
