import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { useCallback, useMemo } from "react";
import { Link, useNavigate } from "react-router";
import { answer, api, type Schemas } from "../api/client";
import { FileButton } from "../ui/FileButton";
import { Key } from "../ui/Key";
import { useKeys } from "../ui/keys";
import { readJson } from "../ui/readJson";
import { ProblemLine, Trouble, Waiting } from "../ui/states";
import { useCursor } from "../ui/useCursor";
import { useTitle } from "../ui/useTitle";
import { PaperTabs } from "./PaperTabs";
import { copyAddress, designAddress, type SlipDesign } from "./slipDesign";

type DesignList = Schemas["design.DesignList"];
type DesignRow = DesignList["rows"][number];

/** What a design is chosen for where no rule chooses one. */
const USES = [
  { use: "AT_HOME", key: "h", label: "Print jobs at home by this design" },
  { use: "ABROAD", key: "a", label: "Print jobs abroad by this design" },
  { use: "ON_BOX", key: "b", label: "Print the list for a package's side by this design" },
] as const;

/** How papers are made up: the slip designs, by the paper they are for. */
export function Papers() {
  useTitle("Papers");
  const designs = useQuery({
    queryKey: ["slip-designs"],
    queryFn: () => answer(api.GET("/api/v1/slip-designs")),
  });
  if (designs.isPending) {
    return <Waiting what="The slip designs" />;
  }
  if (designs.isLoadingError) {
    return <Trouble error={designs.error} again={() => void designs.refetch()} />;
  }
  return <DesignTable list={designs.data} />;
}

function byPaper(rows: DesignRow[]): DesignRow[] {
  const papers = [...new Set(rows.map((row) => row.paper))];
  return papers.flatMap((paper) => rows.filter((row) => row.paper === paper));
}

function DesignTable({ list }: { list: DesignList }) {
  const queries = useQueryClient();
  const navigate = useNavigate();
  const rows = useMemo(() => byPaper(list.rows), [list.rows]);
  const open = useCallback(
    (index: number) => void navigate(designAddress(rows[index]?.name ?? "")),
    [navigate, rows],
  );
  const [at, setAt] = useCursor(rows.length, open);
  const row = rows[at];
  const choose = useMutation({
    mutationFn: (body: Schemas["design.DefaultChoice"]) =>
      answer(api.PUT("/api/v1/slip-designs/default", { body })),
    onSuccess: (now) => queries.setQueryData(["slip-designs"], now),
  });
  const bringIn = useMutation({
    mutationFn: async (from: File) =>
      answer(api.POST("/api/v1/slip-designs", { body: await readJson<SlipDesign>(from, "slip design") })),
    onSuccess: async (made) => {
      await queries.invalidateQueries({ queryKey: ["slip-designs"] });
      await navigate(designAddress(made.design.name));
    },
  });
  const { mutate } = choose;
  useKeys(
    useMemo(
      () => [
        ...USES.map(({ use, key, label }) => ({
          key,
          label,
          run: () => (row ? mutate({ use, name: row.name }) : undefined),
        })),
        {
          key: "Insert",
          label: "A new design, as a copy of this one",
          run: () => void navigate(copyAddress(row?.name ?? "standard")),
        },
      ],
      [row, mutate, navigate],
    ),
  );
  return (
    <div className="px-5 py-3">
      <PaperTabs />
      <div className="mt-1 flex flex-wrap items-center gap-x-5 gap-y-1">
        <span className="quiet flex items-center gap-1">
          <Key name="↑" /> <Key name="↓" /> choose <Key name="Enter" /> open <Key name="H" /> for jobs at home{" "}
          <Key name="A" /> for jobs abroad <Key name="B" /> for a package’s side
        </span>
        <span className="ml-auto flex gap-2">
          <Link to={copyAddress(row?.name ?? "standard")} className="act">
            New, as a copy of this one <Key name="Insert" />
          </Link>
          <FileButton
            label="File with a slip design"
            accept=".json"
            busy={bringIn.isPending}
            take={(file) => bringIn.mutate(file)}
          >
            Bring in a design
          </FileButton>
        </span>
      </div>
      <p className="quiet mt-1">
        A slip is printed by the design that a house rule chooses for its job; where none does, by the one for
        jobs at home or abroad.
      </p>
      {choose.isError && <ProblemLine error={choose.error} />}
      {bringIn.isError && <ProblemLine error={bringIn.error} />}
      <table className="timetable mt-2">
        <thead>
          <tr>
            <th>Paper</th>
            <th>Design</th>
            <th>Prints, without a rule</th>
            <th>Template</th>
            <th>Changed by</th>
          </tr>
        </thead>
        <tbody>
          {rows.map((each, index) => (
            <tr
              key={each.name}
              className={index === at ? "at" : ""}
              onClick={() => setAt(index)}
              onDoubleClick={() => open(index)}
            >
              <td className={rows[index - 1]?.paper === each.paper ? "quiet" : "font-bold"}>{each.paper}</td>
              <td>
                <Link to={designAddress(each.name)} className="font-bold">
                  {each.name}
                </Link>
                {each.withdrawn && <span className="quiet block">withdrawn: no longer to be chosen</span>}
              </td>
              <td>{uses(each.name, list).join(", ") || <span className="quiet">only by rule</span>}</td>
              <td>
                {each.ownTemplate ? "its own" : <span className="quiet">ours</span>}
                {each.problem && (
                  <span className="text-error block">Last printed by ours instead. {each.problem}</span>
                )}
              </td>
              <td className="quiet">{each.id === 0 ? "always there" : each.changedBy}</td>
            </tr>
          ))}
        </tbody>
      </table>
      <LabelStock list={list} />
    </div>
  );
}

function uses(name: string, { atHome, abroad, onBox }: DesignList): string[] {
  return [
    ...(name === atHome ? ["jobs at home"] : []),
    ...(name === abroad ? ["jobs abroad"] : []),
    ...(name === onBox ? ["the side of a package"] : []),
  ];
}

/** What labels are drawn for. */
function LabelStock({ list }: { list: DesignList }) {
  const queries = useQueryClient();
  const choose = useMutation({
    mutationFn: (sheet: DesignList["labelSheet"]) =>
      answer(api.PUT("/api/v1/label-sheet", { body: { sheet } })),
    onSuccess: (now) => queries.setQueryData(["slip-designs"], now),
  });
  return (
    <div className="mt-4 flex items-center gap-4" role="group" aria-label="Paper of labels">
      <h2>Labels</h2>
      <span>are drawn for</span>
      {list.labelSheets.map(({ sheet, label }) => (
        <label key={sheet} className="flex items-center gap-1">
          <input
            type="radio"
            name="label-sheet"
            checked={sheet === list.labelSheet}
            disabled={choose.isPending}
            onChange={() => choose.mutate(sheet)}
          />
          {label}
        </label>
      ))}
      {choose.isError && <ProblemLine error={choose.error} />}
    </div>
  );
}
