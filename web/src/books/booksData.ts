import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { answer, api, type Schemas } from "../api/client";

export type BooksView = Schemas["books.BooksView"];
export type BooksEntry = Schemas["books.BooksEntry"];
export type AccountRule = Schemas["books.RuleEntry"];

const KEY = ["books"];

export function useBooks() {
  return useQuery({ queryKey: KEY, queryFn: () => answer(api.GET("/api/v1/books")) });
}

export function useBooksChange() {
  const queries = useQueryClient();
  return useMutation({
    mutationFn: (body: BooksEntry) => answer(api.PUT("/api/v1/books", { body })),
    onSuccess: (now) => queries.setQueryData(KEY, now),
  });
}

export function useBalance(from: string, until: string) {
  return useQuery({
    queryKey: [...KEY, "balance", from, until],
    queryFn: () => answer(api.GET("/api/v1/books/balance", { params: { query: { from, until } } })),
    enabled: from !== "" && until !== "",
  });
}
