import { useQuery } from "@tanstack/react-query";
import { answer, api, type Schemas } from "../api/client";

/** Who is signed in, and what the site's clock shows. */
export function useWho() {
  return useQuery({
    queryKey: ["who"],
    queryFn: () => answer(api.GET("/api/v1/who")),
    // Without an answer it is asked again until there is one: the page then comes back by itself.
    refetchInterval: (query) => (query.state.status === "error" ? 3_000 : 300_000),
  });
}

export type Permission = Schemas["account.PersonView"]["permissions"][number];

/** Asks whether the person who is signed in may do something, as the server says. */
export function useMay(): (permission: Permission) => boolean {
  const permissions = useWho().data?.person?.permissions;
  return (permission) => permissions?.includes(permission) ?? false;
}
