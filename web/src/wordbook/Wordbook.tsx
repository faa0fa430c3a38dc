import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { useEffect, useState } from "react";
import { answer, api, type Schemas } from "../api/client";
import { useMay } from "../signin/who";
import { count } from "../ui/format";
import { Key } from "../ui/Key";
import { Empty, ProblemLine, Trouble, Waiting } from "../ui/states";
import { TaskLine } from "../ui/TaskLine";
import { useTask } from "../ui/useTask";
import { useTitle } from "../ui/useTitle";

type Book = Schemas["wordbook.WordbookView"];
type OpenWord = Book["open"][number];

/** Words of the sources that nobody has translated yet, and those that somebody has. */
export function Wordbook() {
  useTitle("Wordbook");
  const book = useQuery({ queryKey: ["wordbook"], queryFn: () => answer(api.GET("/api/v1/wordbook")) });
  if (book.isPending) {
    return <Waiting what="The wordbook" />;
  }
  if (book.isLoadingError) {
    return <Trouble error={book.error} again={() => void book.refetch()} />;
  }
  return <WordbookPage book={book.data} />;
}

function WordbookPage({ book }: { book: Book }) {
  const queries = useQueryClient();
  const may = useMay();
  const [freeing, setFreeing] = useState<number>();
  const task = useTask(freeing);
  const done = task.data?.state === "DONE";
  useEffect(() => {
    if (done) {
      void queries.invalidateQueries({ queryKey: ["wordbook"] });
      void queries.invalidateQueries({ queryKey: ["departures"] });
    }
  }, [done, queries]);
  const answerWord = useMutation({
    mutationFn: ({ word, meaning }: { word: OpenWord; meaning: string }) =>
      answer(
        api.PUT("/api/v1/wordbook", {
          body: {
            source: word.source,
            kind: word.kind as Schemas["wordbook.Answer"]["kind"],
            word: word.word,
            meaning,
          },
        }),
      ),
    onSuccess: async ({ task: id }) => {
      setFreeing(id);
      await queries.invalidateQueries({ queryKey: ["wordbook"] });
    },
  });
  return (
    <div className="px-5 py-3">
      <div className="flex flex-wrap items-baseline gap-5">
        <h1>Wordbook</h1>
        <span className="quiet">
          One answer frees every job that waits for the word, and counts from now on.
        </span>
      </div>
      {answerWord.isError && <ProblemLine error={answerWord.error} />}
      {task.data && (
        <div className="mt-2">
          <TaskLine task={task.data} what={task.data.subject} mayStop={false} />
        </div>
      )}
      {book.open.length === 0 ? (
        <div className="mt-3">
          <Empty>
            No word waits for an answer. A service, package, country, unit or freight term that a source
            writes in its own way will appear here.
          </Empty>
        </div>
      ) : (
        <OpenWords
          book={book}
          busy={answerWord.isPending}
          mayAnswer={may("BRING_IN")}
          say={(word, meaning) => answerWord.mutate({ word, meaning })}
        />
      )}
      <Answered rows={book.answered} mayAnswer={may("BRING_IN")} />
    </div>
  );
}

interface OpenProps {
  book: Book;
  busy: boolean;
  mayAnswer: boolean;
  say: (word: OpenWord, meaning: string) => void;
}

function OpenWords({ book, busy, mayAnswer, say }: OpenProps) {
  return (
    <table className="timetable mt-3">
      <thead>
        <tr>
          <th>Source</th>
          <th>What it is</th>
          <th>Written</th>
          <th className="!text-right">Jobs that wait</th>
          <th>Means</th>
        </tr>
      </thead>
      <tbody>
        {book.open.map((word, index) => (
          <tr key={`${word.source} ${word.kind} ${word.word}`}>
            <td>{word.sourceName}</td>
            <td>{word.kindLabel}</td>
            <td className="figure font-bold">“{word.written}”</td>
            <td className="figure text-right">{word.jobs}</td>
            <td>
              {mayAnswer ? (
                <AnswerForm
                  word={word}
                  kinds={book.kinds}
                  first={index === 0}
                  busy={busy}
                  say={(meaning) => say(word, meaning)}
                />
              ) : (
                <span className="quiet">a coordinator answers</span>
              )}
            </td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}

interface AnswerProps {
  word: OpenWord;
  kinds: Book["kinds"];
  first: boolean;
  busy: boolean;
  say: (meaning: string) => void;
}

function AnswerForm({ word, kinds, first, busy, say }: AnswerProps) {
  const choices = kinds.find((each) => each.kind === word.kind)?.choices ?? [];
  const [meaning, setMeaning] = useState(word.nearest ?? "");
  return (
    <form
      className="flex items-center gap-2"
      onSubmit={(event) => {
        event.preventDefault();
        say(meaning);
      }}
    >
      <select
        autoFocus={first}
        aria-label={`${word.kindLabel} “${word.written}” means`}
        className="entry w-72"
        value={meaning}
        onChange={(event) => setMeaning(event.target.value)}
        required
      >
        <option value="">choose</option>
        {choices.map((choice) => (
          <option key={choice.meaning} value={choice.meaning}>
            {choice.label === choice.meaning ? choice.label : `${choice.label} (${choice.meaning})`}
          </option>
        ))}
      </select>
      <button type="submit" className="act" disabled={busy || meaning === ""}>
        Answer {first && <Key name="Enter" />}
      </button>
      {word.nearest !== undefined && meaning === word.nearest && <span className="quiet">looks like it</span>}
    </form>
  );
}

function Answered({ rows, mayAnswer }: { rows: Book["answered"]; mayAnswer: boolean }) {
  const queries = useQueryClient();
  const forget = useMutation({
    mutationFn: (row: Book["answered"][number]) =>
      answer(
        api.DELETE("/api/v1/wordbook", {
          body: {
            source: row.source,
            kind: row.kind as Schemas["wordbook.TakenBack"]["kind"],
            word: row.word,
          },
        }),
      ),
    onSuccess: (book) => queries.setQueryData(["wordbook"], book),
  });
  if (rows.length === 0) {
    return null;
  }
  return (
    <section aria-label="Answered words" className="mt-6">
      <h2>{count(rows.length, "word is known", "words are known")}</h2>
      {forget.isError && <ProblemLine error={forget.error} />}
      <table className="timetable mt-1">
        <thead>
          <tr>
            <th>Source</th>
            <th>What it is</th>
            <th>Written</th>
            <th>Means</th>
            <th>Said by</th>
            <th />
          </tr>
        </thead>
        <tbody>
          {rows.map((row) => (
            <tr key={`${row.source} ${row.kind} ${row.word}`}>
              <td>{row.sourceName}</td>
              <td>{row.kindLabel}</td>
              <td className="figure">“{row.word}”</td>
              <td className="font-bold">{row.meaning}</td>
              <td>{row.by}</td>
              <td>
                {mayAnswer && (
                  <button type="button" className="act" onClick={() => forget.mutate(row)}>
                    Ask again
                  </button>
                )}
              </td>
            </tr>
          ))}
        </tbody>
      </table>
    </section>
  );
}
