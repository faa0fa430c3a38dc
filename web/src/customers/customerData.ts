import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { answer, api, type Schemas } from "../api/client";

export type CustomerList = Schemas["customer.CustomerList"];
export type AskedAddress = Schemas["customer.AskedView"];
export type CustomerSetting = Schemas["customer.CustomerSettingDocument"];
export type SettingView = Schemas["customer.SettingView"];

const LIST = ["customers", "list"];
const SETTING = ["customers", "setting"];

export const TABS = [
  { to: "/customers", name: "What they asked" },
  { to: "/customers/set-up", name: "What they may do" },
];

export function useCustomers() {
  return useQuery({
    queryKey: LIST,
    queryFn: () => answer(api.GET("/api/v1/customers")),
    refetchInterval: 30_000,
  });
}

export function useAddressReply(id: number) {
  const queries = useQueryClient();
  return useMutation({
    mutationFn: (body: Schemas["customer.AddressReply"]) =>
      answer(api.POST("/api/v1/customers/addresses/{id}/answer", { params: { path: { id } }, body })),
    onSuccess: (now) => queries.setQueryData(LIST, now),
    onError: () => queries.invalidateQueries({ queryKey: LIST }),
  });
}

export function useSetting() {
  return useQuery({ queryKey: SETTING, queryFn: () => answer(api.GET("/api/v1/customers/setting")) });
}

export function useSettingChange() {
  const queries = useQueryClient();
  return useMutation({
    mutationFn: (body: Schemas["customer.SettingEntry"]) =>
      answer(api.PUT("/api/v1/customers/setting", { body })),
    onSuccess: (now) => queries.setQueryData(SETTING, now),
  });
}
