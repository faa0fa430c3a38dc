import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { answer, api, type Schemas } from "../api/client";

export type StatusRule = Schemas["statusrule.StatusRuleDocument"];
export type StatusRuleList = Schemas["statusrule.StatusRuleList"];
export type Tried = Schemas["statusrule.TriedView"];

const KEY = ["status-rules"];

export const NEW_STATUS_RULE: StatusRule = {
  name: "",
  moment: "DELIVERED",
  condition: { kind: "ALL", parts: [] },
  status: "",
  note: "",
  enabled: false,
};

export function useStatusRules() {
  return useQuery({ queryKey: KEY, queryFn: () => answer(api.GET("/api/v1/status-rules")) });
}

export function useStatusRuleChange() {
  const queries = useQueryClient();
  return useMutation({
    mutationFn: (body: { version: number; rules: StatusRule[] }) =>
      answer(api.PUT("/api/v1/status-rules", { body })),
    onSuccess: (now) => queries.setQueryData(KEY, now),
  });
}
