import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { answer, api, type Schemas } from "../api/client";

export type PartnersView = Schemas["partner.PartnersView"];
export type PartnerView = Schemas["partner.PartnerView"];
export type PartnerEntry = Schemas["partner.PartnerEntry"];
export type Numbers = Schemas["partner.NumbersEntry"];
export type Notice = Schemas["shipnotice.ShipNoticeView"];

const KEY = ["partners"];

export function usePartners() {
  return useQuery({ queryKey: KEY, queryFn: () => answer(api.GET("/api/v1/partners")) });
}

/** An act that answers with all partners as they are then. */
export function usePartnersAct<T>(act: (value: T) => Promise<PartnersView>) {
  const queries = useQueryClient();
  return useMutation({
    mutationFn: act,
    onSuccess: (now) => {
      queries.setQueryData(KEY, now);
      return queries.invalidateQueries({ queryKey: ["bench"] });
    },
  });
}

/** What a new one is at first. */
export const NEW_PARTNER: PartnerEntry = {
  version: 0,
  name: "",
  active: true,
  customers: [],
  label: true,
  elements: [],
  form: "X12",
  way: "HTTP",
  address: "",
  locationNumber: "",
  interchangeQualifier: "ZZ",
  interchangeId: "",
  test: true,
  acknowledgedWithinHours: 24,
};
