import { useInfiniteQuery, useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { answer, api, type Schemas } from "../api/client";

export type Track = Schemas["tracking.TrackView"];
export type TrackEvent = Schemas["tracking.EventView"];
export type NoteKind = Schemas["tracking.NoteEntry"]["kind"];
export type TrackList = Schemas["tracking.CountView"]["list"];
export type Interval = Schemas["tracking.CarrierIntervals"];

const KEY = "en-route";
const LOOK_AGAIN_MS = 10_000;

/** Which packages are looked at. */
export interface Look {
  list: TrackList;
  days?: number;
  carrier?: string;
}

export const LISTS: Record<TrackList, string> = {
  EXCEPTION: "Nothing has gone wrong that nobody has seen to.",
  LATE: "Nothing is late: whatever was promised for yesterday or before is there.",
  NO_MOVEMENT: "Everything on its way has moved lately.",
  DUE_TODAY: "Nothing is due today that is not there already.",
  DELIVERED_TODAY: "Nothing has been delivered today so far.",
  EN_ROUTE: "Nothing is on its way. What gets its label is followed here until it is delivered.",
};

export function useEnRoute(look: Look) {
  return useInfiniteQuery({
    queryKey: [KEY, look],
    initialPageParam: undefined as number | undefined,
    queryFn: ({ pageParam }) =>
      answer(api.GET("/api/v1/en-route", { params: { query: { ...look, cursor: pageParam, limit: 50 } } })),
    getNextPageParam: (part) => part.next,
    refetchInterval: LOOK_AGAIN_MS,
  });
}

export function useTrackAct<T, R>(act: (value: T) => Promise<R>) {
  const queries = useQueryClient();
  return useMutation({
    mutationFn: act,
    onSettled: () => queries.invalidateQueries({ queryKey: [KEY] }),
  });
}

export function useIntervals() {
  return useQuery({
    queryKey: [KEY, "intervals"],
    queryFn: () => answer(api.GET("/api/v1/asking-intervals")),
  });
}
