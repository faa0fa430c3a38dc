import { keepPreviousData, useQuery } from "@tanstack/react-query";
import { answer, api, type Schemas } from "../api/client";
import { count } from "../ui/format";
import { ProblemLine, Waiting } from "../ui/states";
import { useSettled } from "../ui/useSettled";
import type { LayoutDocument } from "./useLayoutDraft";

/** How the first jobs of the file would stand here, while the layout is made. */
export function Preview({ importId, layout }: { importId: number; layout: LayoutDocument }) {
  const settled = useSettled(layout);
  const preview = useQuery({
    queryKey: ["preview", importId, settled],
    queryFn: () =>
      answer(api.POST("/api/v1/imports/{id}/preview", { params: { path: { id: importId } }, body: settled })),
    placeholderData: keepPreviousData,
    retry: false,
  });
  if (preview.isPending) {
    return <Waiting what="The preview" />;
  }
  if (preview.isError) {
    return <ProblemLine error={preview.error} />;
  }
  const { orders, leftOut, first, faults, openWords } = preview.data;
  return (
    <div className={preview.isPlaceholderData ? "opacity-60" : ""}>
      <p>
        Of the first rows <strong className="text-primary">{count(orders, "job", "jobs")} would go in</strong>
        , <strong className={leftOut > 0 ? "text-error" : ""}>{leftOut} would stay out</strong>.
      </p>
      {openWords.length > 0 && (
        <p className="text-warning">
          Words to be answered afterward, once for all jobs: {openWords.join(", ")}.
        </p>
      )}
      {faults.length > 0 && (
        <ul className="mt-2 border-l-4 border-error pl-3">
          {faults.slice(0, 6).map((fault, index) => (
            <li key={index}>
              <span className="figure">Row {fault.row}</span>, {fault.column}, “{fault.value}”:{" "}
              <span className="text-error">{fault.reason}</span> {fault.remedy}
            </li>
          ))}
          {faults.length > 6 && <li className="quiet">and more below these</li>}
        </ul>
      )}
      {first.map((order) => (
        <PreviewedOrder key={order.number} order={order} />
      ))}
    </div>
  );
}

function PreviewedOrder({ order }: { order: Schemas["orderfile.PreviewedOrder"] }) {
  return (
    <article className="mt-3 border-t border-base-300 pt-2" aria-label={`Job ${order.number}`}>
      <h3 className="figure text-lg font-bold">{order.number}</h3>
      <dl className="grid grid-cols-[8rem_1fr] gap-x-3">
        {order.facts.map((fact) => (
          <div key={fact.name} className="contents">
            <dt className="quiet">{fact.name}</dt>
            <dd>{fact.text}</dd>
          </div>
        ))}
      </dl>
      <ul className="mt-1">
        {order.lines.map((line, index) => (
          <li key={index}>
            <span className="figure font-bold">{line.quantity}</span> ×{" "}
            <span className="figure">{line.item}</span>
            {line.description && ` ${line.description}`}
            <span className="quiet">{line.facts.map((fact) => `, ${fact.name} ${fact.text}`).join("")}</span>
          </li>
        ))}
      </ul>
    </article>
  );
}
