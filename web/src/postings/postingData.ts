import { useInfiniteQuery, useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { answer, api, type Schemas } from "../api/client";

export type Posting = Schemas["posting.PostingView"];
export type PostingState = Posting["state"];

const LOOK_AGAIN_MS = 3_000;
const KEY = "postings";

/** Which postings are looked at. */
export interface PostingFilter {
  state?: PostingState;
  target?: string;
  job?: string;
  day?: string;
}

export function usePostings(filter: PostingFilter) {
  return useInfiniteQuery({
    queryKey: [KEY, filter],
    initialPageParam: undefined as number | undefined,
    queryFn: ({ pageParam }) =>
      answer(api.GET("/api/v1/postings", { params: { query: { cursor: pageParam, ...filter } } })),
    getNextPageParam: (part) => part.next,
    refetchInterval: LOOK_AGAIN_MS,
  });
}

/** One of them with what was sent. */
export function usePosting(id: number) {
  return useQuery({
    queryKey: [KEY, "one", id],
    queryFn: () => answer(api.GET("/api/v1/postings/{id}", { params: { path: { id } } })),
    refetchInterval: LOOK_AGAIN_MS,
  });
}

export function usePostingAct<T, R>(act: (value: T) => Promise<R>) {
  const queries = useQueryClient();
  return useMutation({
    mutationFn: act,
    onSettled: () => queries.invalidateQueries({ queryKey: [KEY] }),
  });
}

export const KINDS = {
  BOOKING: "Booking",
  PAPERS: "Label and slip",
  WRITE_BACKS: "Postings",
  INVOICE: "Invoice",
  SOURCE: "Order",
  JOURNAL: "Journal",
  MANIFEST: "Manifest",
  HANDED_OVER: "Handed over",
  PICKUP: "Pickup",
  PICKUP_CALL_OFF: "Pickup, called off",
  RETURN_LABEL: "Return label",
  RETURN_VOID: "Return label, void",
  ACCOUNT_PAYMENT: "Payment to carrier",
  EVENT: "Event",
  MAIL: "Email",
  VOID: "Void",
  INVOICE_REVERSAL: "Invoice, reversed",
  SOURCE_REVERSAL: "Order, as it is after a void",
  JOURNAL_REVERSAL: "Journal, reversed",
  SHIP_NOTICE: "Ship notice",
  SHIP_NOTICE_REVERSAL: "Ship notice, canceled",
} as const;

export const STATES: Record<PostingState, { words: string; sign: string; color: string }> = {
  WAITING: { words: "waiting", sign: "…", color: "text-warning" },
  FAILED: { words: "failed", sign: "■", color: "text-error" },
  SET_ASIDE: { words: "set aside", sign: "–", color: "" },
  DONE: { words: "done", sign: "✓", color: "text-primary" },
  REVERSED: { words: "reversed", sign: "↺", color: "" },
};

/** What hangs on a handover, a pickup or an account bears the carrier's name. */
export function isOfAJob(row: Posting): boolean {
  return !["MANIFEST", "HANDED_OVER", "PICKUP", "PICKUP_CALL_OFF", "ACCOUNT_PAYMENT"].includes(row.kind);
}

/** What neither waits for the carrier's word nor stays in the house can be set aside. */
export function canBeSetAside(row: Posting): boolean {
  const kinds: Posting["kind"][] = [
    "INVOICE",
    "SOURCE",
    "EVENT",
    "MAIL",
    "JOURNAL",
    "INVOICE_REVERSAL",
    "SOURCE_REVERSAL",
    "JOURNAL_REVERSAL",
  ];
  return kinds.includes(row.kind) && (row.state === "FAILED" || row.state === "WAITING");
}
