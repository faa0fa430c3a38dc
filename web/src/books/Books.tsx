import { useState } from "react";
import { Trouble, Waiting } from "../ui/states";
import { useTitle } from "../ui/useTitle";
import { BooksForm } from "./BooksForm";
import { useBooks } from "./booksData";
import { Journal } from "./Journal";

/** Our journal of freight, and how it is kept. */
export function Books() {
  useTitle("Books");
  const books = useBooks();
  const [kept, setKept] = useState(false);
  if (books.isPending) {
    return <Waiting what="The books" />;
  }
  if (books.isLoadingError) {
    return <Trouble error={books.error} again={() => void books.refetch()} />;
  }
  return (
    <div className="px-5 py-3">
      <h1>Books</h1>
      <div className="mt-3 grid gap-x-10 gap-y-6 lg:grid-cols-[minmax(0,1fr)_minmax(0,1.9fr)]">
        <Journal today={books.data.today} />
        <BooksForm key={books.data.entry.version} view={books.data} kept={kept} done={() => setKept(true)} />
      </div>
    </div>
  );
}
