import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { answer, api, type Schemas } from "../api/client";

export type EmailRule = Schemas["mail.MailRuleDocument"];
export type EmailRuleList = Schemas["mail.MailRuleList"];
export type EmailTried = Schemas["mail.TriedView"];
export type Look = Schemas["mail.LookView"];

const RULES = ["emails", "rules"];
const LOOK = ["emails", "look"];
const STOPS = ["emails", "stops"];

export const TABS = [
  { to: "/emails", name: "What is written" },
  { to: "/emails/look", name: "Look and files" },
  { to: "/emails/stops", name: "Who wants none, what came back" },
];

export const NEW_EMAIL: EmailRule = {
  name: "",
  moment: "LABEL_BOUGHT",
  condition: { kind: "ALL", parts: [] },
  toJob: true,
  toField: "",
  toFixed: "",
  colleagues: false,
  subject: "Your order {job} is on its way",
  body: "Good day,\n\nyour order **{job}** goes by {service} and is expected on {arrival}.\n\n- Tracking: {tracking}",
  papers: [],
  files: [],
  enabled: false,
};

export function useEmails() {
  return useQuery({ queryKey: RULES, queryFn: () => answer(api.GET("/api/v1/emails/rules")) });
}

export function useEmailsChange() {
  const queries = useQueryClient();
  return useMutation({
    mutationFn: (body: { version: number; rules: EmailRule[] }) =>
      answer(api.PUT("/api/v1/emails/rules", { body })),
    onSuccess: (now) => queries.setQueryData(RULES, now),
  });
}

export function useFileAct<T>(act: (value: T) => Promise<EmailRuleList>) {
  const queries = useQueryClient();
  return useMutation({ mutationFn: act, onSuccess: (now) => queries.setQueryData(RULES, now) });
}

export function useLook() {
  return useQuery({ queryKey: LOOK, queryFn: () => answer(api.GET("/api/v1/emails/look")) });
}

export function useLookAct<T>(act: (value: T) => Promise<Look>) {
  const queries = useQueryClient();
  return useMutation({ mutationFn: act, onSuccess: (now) => queries.setQueryData(LOOK, now) });
}

export function useStops() {
  return useQuery({ queryKey: STOPS, queryFn: () => answer(api.GET("/api/v1/emails/stops")) });
}

export function useStopAct<T>(act: (value: T) => Promise<Schemas["mail.StopList"]>) {
  const queries = useQueryClient();
  return useMutation({ mutationFn: act, onSuccess: (now) => queries.setQueryData(STOPS, now) });
}
