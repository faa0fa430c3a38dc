import { useMutation, useQueryClient } from "@tanstack/react-query";
import { answer, api, type Schemas } from "../api/client";
import { count } from "../ui/format";
import { ProblemLine } from "../ui/states";

type SetUp = Schemas["source.SetUpView"];
type Word = SetUp["statuses"][number];
type Meaning = Schemas["source.WordMeaning"];

/** Which statuses mean ready to ship, and which of our sites each of its sites feeds. Kept as soon as it is said. */
export function Meanings({ setUp }: { setUp: SetUp }) {
  const queries = useQueryClient();
  const say = useMutation({
    mutationFn: (body: Meaning) =>
      answer(api.PUT("/api/v1/sources/{code}/words", { params: { path: { code: setUp.code } }, body })),
    onSuccess: async (changed) => {
      queries.setQueryData(["source", setUp.code], changed);
      await queries.invalidateQueries({ queryKey: ["wordbook"] });
      await queries.invalidateQueries({ queryKey: ["records", setUp.code] });
    },
  });
  return (
    <>
      {say.isError && <ProblemLine error={say.error} />}
      <WordTable
        title="Which statuses mean ready to ship"
        empty="It names no statuses yet; test it, or look for records."
        words={setUp.statuses}
        choices={[
          { meaning: "ready", label: "ready to ship" },
          { meaning: "not ready", label: "not ready yet" },
        ]}
        say={(word, meaning) => say.mutate({ kind: "STATUS", word, meaning })}
      />
      {setUp.sites.length > 0 && (
        <WordTable
          title="Which of our sites each of its sites is"
          empty=""
          words={setUp.sites}
          choices={setUp.ourSites.map((site) => ({ meaning: site.code, label: site.label }))}
          say={(word, meaning) => say.mutate({ kind: "SITE", word, meaning })}
        />
      )}
    </>
  );
}

interface TableProps {
  title: string;
  empty: string;
  words: Word[];
  choices: { meaning: string; label: string }[];
  say: (word: string, meaning: string) => void;
}

function WordTable({ title, empty, words, choices, say }: TableProps) {
  return (
    <section aria-label={title}>
      <h2>{title}</h2>
      {words.length === 0 ? (
        <p className="quiet">{empty}</p>
      ) : (
        <table className="timetable compact mt-1">
          <tbody>
            {words.map((word) => (
              <tr key={word.word}>
                <td className="figure font-bold">{word.word}</td>
                <td>
                  {word.label !== word.word && word.label}
                  {word.records > 0 && (
                    <span className="quiet"> {count(word.records, "record", "records")}</span>
                  )}
                </td>
                <td>
                  <select
                    aria-label={`${word.word} means`}
                    className={"entry w-48 " + (word.meaning === "" ? "text-warning" : "")}
                    value={word.meaning}
                    onChange={(event) => say(word.word, event.target.value)}
                  >
                    <option value="" disabled>
                      nobody has said
                    </option>
                    {choices.map((choice) => (
                      <option key={choice.meaning} value={choice.meaning}>
                        {choice.label}
                      </option>
                    ))}
                  </select>
                </td>
              </tr>
            ))}
          </tbody>
        </table>
      )}
    </section>
  );
}
