import { useQuery } from "@tanstack/react-query";
import { answer, api, type Schemas } from "../api/client";

interface Choice {
  id: string;
  words: Schemas["wordbook.Choice"][];
}

/** Words that the shop knows, for the fields that hold one of them. */
export function useChoices(): Choice[] {
  const words = useQuery({
    queryKey: ["wordbook"],
    queryFn: () => answer(api.GET("/api/v1/wordbook")),
    staleTime: 300_000,
  });
  const of = (kind: string) => words.data?.kinds.find((each) => each.kind === kind)?.choices ?? [];
  return [
    { id: "choices-SERVICE", words: of("SERVICE") },
    { id: "choices-CARTON", words: of("PACKAGE") },
    { id: "choices-TERMS", words: of("TERMS") },
    { id: "choices-SITE", words: of("SITE") },
  ];
}

/** Lists that fields propose from. */
export function WordChoices({ choices }: { choices: Choice[] }) {
  return choices.map((each) => (
    <datalist key={each.id} id={each.id}>
      {each.words.map((word) => (
        <option key={word.meaning} value={word.meaning}>
          {word.label}
        </option>
      ))}
    </datalist>
  ));
}
