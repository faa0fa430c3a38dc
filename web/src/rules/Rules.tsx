import { useMutation, useQueryClient } from "@tanstack/react-query";
import { useCallback, useMemo } from "react";
import { Link, useNavigate } from "react-router";
import { answer, api, type Schemas } from "../api/client";
import { Key } from "../ui/Key";
import { useKeys } from "../ui/keys";
import { Empty, ProblemLine, Trouble, Waiting } from "../ui/states";
import { TaskLine } from "../ui/TaskLine";
import { useCursor } from "../ui/useCursor";
import { isUnderWay, useTask } from "../ui/useTask";
import { useTitle } from "../ui/useTitle";
import { moved } from "../ui/moved";
import { RuleTabs } from "./RuleTabs";
import { useRules } from "./useRules";

type RuleList = Schemas["rule.RuleList"];

/** House rules in the order in which they are looked at. */
export function Rules() {
  useTitle("House rules");
  const rules = useRules();
  const navigate = useNavigate();
  const task = useTask(rules.data?.task);
  useKeys(
    useMemo(
      () => [{ key: "Insert", label: "A new rule", run: () => void navigate("/rules/new") }],
      [navigate],
    ),
  );
  if (rules.isPending) {
    return <Waiting what="The house rules" />;
  }
  if (rules.isLoadingError) {
    return <Trouble error={rules.error} again={() => void rules.refetch()} />;
  }
  return (
    <div className="px-5 py-3">
      <div className="flex flex-wrap items-center gap-x-5 gap-y-1">
        <RuleTabs />
        <span className="quiet flex items-center gap-1">
          <Key name="↑" /> <Key name="↓" /> choose <Key name="Enter" /> open <Key name="Alt+↑" />{" "}
          <Key name="Alt+↓" /> look at it earlier, later
        </span>
        <Link to="/rules/new" className="act ml-auto">
          New rule <Key name="Insert" />
        </Link>
      </div>
      {task.data && isUnderWay(task.data) && (
        <div className="mt-2">
          <TaskLine
            task={task.data}
            what="The rules are brought to the jobs that have not left"
            mayStop={false}
          />
        </div>
      )}
      {rules.data.rows.length === 0 ? (
        <div className="mt-3">
          <Empty>
            “When this is so, do that.” No rule is kept yet; one can set service, carton, freight terms, site
            and accessorials, hold a job, demand what is missing, or tell whoever ships it.
          </Empty>
        </div>
      ) : (
        <RuleTable list={rules.data} />
      )}
    </div>
  );
}

function RuleTable({ list }: { list: RuleList }) {
  const queries = useQueryClient();
  const navigate = useNavigate();
  const { rows, version } = list;
  const open = useCallback(
    (index: number) => void navigate(`/rules/${rows[index]?.id ?? ""}`),
    [navigate, rows],
  );
  const [at, setAt] = useCursor(rows.length, open);
  const order = useMutation({
    mutationFn: ({ ids }: { ids: number[]; at: number }) =>
      answer(api.PUT("/api/v1/house-rules/order", { body: { version, ids } })),
    onSuccess: (now, { at: place }) => {
      queries.setQueryData(["house-rules"], now);
      setAt(place);
    },
    onError: () => void queries.invalidateQueries({ queryKey: ["house-rules"] }),
  });
  const { mutate, isPending } = order;
  useKeys(
    useMemo(() => {
      const move = (by: 1 | -1) => {
        const ids = rows.map((row) => row.id);
        if (!isPending && rows[at + by]) {
          mutate({ ids: moved(ids, at, by), at: at + by });
        }
      };
      return [
        { key: "Alt+ArrowUp", label: "Look at the rule earlier", run: () => move(-1) },
        { key: "Alt+ArrowDown", label: "Look at the rule later", run: () => move(1) },
      ];
    }, [rows, at, mutate, isPending]),
  );
  return (
    <>
      {order.isError && <ProblemLine error={order.error} />}
      <table className="timetable mt-2">
        <thead>
          <tr>
            <th>No.</th>
            <th>Rule</th>
            <th>How it reads</th>
            <th>Changed by</th>
          </tr>
        </thead>
        <tbody>
          {rows.map((row, index) => (
            <tr
              key={row.id}
              className={index === at ? "at" : ""}
              onClick={() => setAt(index)}
              onDoubleClick={() => open(index)}
            >
              <td className="figure">{index + 1}</td>
              <td className="min-w-40">
                <Link to={`/rules/${row.id}`} className="font-bold">
                  {row.rule.name}
                </Link>
                {!row.rule.enabled && <span className="quiet block">switched off</span>}
              </td>
              <td className={row.rule.enabled ? "" : "quiet"}>
                {row.problem ? (
                  <span className="text-error">It does not count. {row.problem}</span>
                ) : (
                  row.sentence
                )}
              </td>
              <td className="quiet">{row.changedBy}</td>
            </tr>
          ))}
        </tbody>
      </table>
    </>
  );
}
