import { useQuery } from "@tanstack/react-query";
import { answer, api } from "../api/client";

/** Who is signed in, and what the site's clock shows. */
export function useWho() {
  return useQuery({
    queryKey: ["who"],
    queryFn: () => answer(api.GET("/api/who")),
    refetchInterval: 300_000,
  });
}
