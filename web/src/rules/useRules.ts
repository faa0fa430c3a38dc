import { useQuery } from "@tanstack/react-query";
import { answer, api } from "../api/client";

/** The house rules in their order, and what rules can be made of. */
export function useRules() {
  return useQuery({ queryKey: ["house-rules"], queryFn: () => answer(api.GET("/api/v1/house-rules")) });
}
