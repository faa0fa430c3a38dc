import { useQuery } from "@tanstack/react-query";
import { answer, api } from "../api/client";

const BEAT_MS = 15_000;

/** Who else has this job open; by asking, others are told that it is open here. */
export function OthersHere({ job }: { job: string }) {
  const presence = useQuery({
    queryKey: ["presence", job],
    queryFn: () => answer(api.POST("/api/v1/bench-presence", { body: { job } })),
    refetchInterval: BEAT_MS,
    staleTime: 0,
  });
  const others = presence.data?.others ?? [];
  return others.length === 0 ? null : (
    <span role="status" className="border-l-4 border-warning pl-2">
      {others.join(", ")} {others.length === 1 ? "has" : "have"} it open too
    </span>
  );
}
