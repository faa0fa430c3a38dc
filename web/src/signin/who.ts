import { useQuery } from "@tanstack/react-query";
import { answer, api } from "../api/client";

/** Who is signed in, and what the site's clock shows. */
export function useWho() {
  return useQuery({
    queryKey: ["who"],
    queryFn: () => answer(api.GET("/api/who")),
    // Without an answer it is asked again until there is one: the page then comes back by itself.
    refetchInterval: (query) => (query.state.status === "error" ? 3_000 : 300_000),
  });
}
