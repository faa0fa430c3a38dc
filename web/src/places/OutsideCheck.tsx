import { useMutation } from "@tanstack/react-query";
import { useMemo } from "react";
import { answer, api, type Schemas } from "../api/client";
import { Key } from "../ui/Key";
import { useKeys } from "../ui/keys";
import { ProblemLine } from "../ui/states";
import { placeKindWords } from "../ui/placeKinds";

export type Checked = Schemas["placebook.OutsideCheck"];
type Asked = Schemas["placebook.AddressToCheck"];

interface Props {
  /** The address as it stands in the form. */
  read: () => Asked;
  take: (checked: Checked) => void;
}

/** Asks the address service outside; how it writes the address stands beside, what differs in bold, and Enter takes it. */
export function OutsideCheck({ read, take }: Props) {
  const check = useMutation({
    mutationFn: () => answer(api.POST("/api/v1/places/outside-checks", { body: read() })),
  });
  const { mutate } = check;
  useKeys(
    useMemo(
      () => [{ key: "Alt+o", label: "Ask the address service", whileTyping: true, run: () => mutate() }],
      [mutate],
    ),
  );
  const found = check.data;
  return (
    <div className="space-y-1">
      <button type="button" className="act" disabled={check.isPending} onClick={() => mutate()}>
        {check.isPending ? "Asking…" : "Ask the address service"} <Key name="Alt+O" />
      </button>
      {check.isError && <ProblemLine error={check.error} />}
      {found && (
        <div
          role="status"
          className={"border-l-4 pl-3 " + (found.deliverable === "YES" ? "border-primary" : "border-warning")}
        >
          <p>
            <strong>{found.service}:</strong> {found.words}
            {found.kind && `, a ${placeKindWords(found.kind)}`}. {found.said}
          </p>
          {found.different.length > 0 && (
            <p className="flex flex-wrap items-center gap-2">
              <span>
                It writes{" "}
                {PARTS.filter((part) => found.written[part]).map((part) => (
                  <span key={part} className={found.different.includes(part) ? "font-bold" : ""}>
                    {found.written[part]}{" "}
                  </span>
                ))}
              </span>
              <button type="button" className="act" autoFocus onClick={() => take(found)}>
                Take it <Key name="Enter" />
              </button>
            </p>
          )}
        </div>
      )}
    </div>
  );
}

const PARTS = ["company", "person", "street", "street2", "city", "state", "postalCode"] as const;
