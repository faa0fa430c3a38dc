import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { answer, api, type Schemas } from "../api/client";

export type WriteBacksView = Schemas["writeback.WriteBacksView"];
export type TargetView = Schemas["writeback.TargetView"];
export type Plan = Schemas["writeback.PlanEntry"];
export type FieldEntry = Schemas["writeback.FieldEntry"];
export type Fact = Schemas["writeback.FactView"];
export type Limits = Schemas["writeback.TargetLimits"];

const KEY = ["write-backs"];

export function useWriteBacks() {
  return useQuery({ queryKey: KEY, queryFn: () => answer(api.GET("/api/v1/write-backs")) });
}

/** An act that answers with all of them as they are then. */
export function useWriteBackAct<T>(act: (value: T) => Promise<WriteBacksView>) {
  const queries = useQueryClient();
  return useMutation({ mutationFn: act, onSuccess: (now) => queries.setQueryData(KEY, now) });
}

/** What a new system is told at first. */
export const FIRST_PLAN: Plan = {
  moments: ["LABEL_BOUGHT"],
  sources: [],
  number: "{origin number or job}",
  fields: [
    { name: "status", value: "{status}", whenVoid: "{status}" },
    { name: "tracking", value: "{tracking}", whenVoid: "" },
  ],
  packageFields: [],
  lineFields: [],
  words: [],
  statement: "",
  packageStatement: "",
  lineStatement: "",
  reading: "",
};
