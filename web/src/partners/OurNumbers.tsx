import { useState } from "react";
import { answer, api } from "../api/client";
import { useMay } from "../signin/who";
import { Labeled } from "../ui/Labeled";
import { ProblemLine } from "../ui/states";
import { type Numbers, type PartnersView, usePartnersAct } from "./usePartners";

/** The numbers by which partners know the shop. */
export function OurNumbers({ view }: { view: PartnersView }) {
  const [set, setSet] = useState<Numbers>(view.numbers);
  const may = useMay();
  const save = usePartnersAct((body: Numbers) => answer(api.PUT("/api/v1/partners/numbers", { body })));
  const text = (
    field: "companyPrefix" | "locationNumber" | "interchangeQualifier" | "interchangeId",
    label: string,
    most: number,
    wide: string,
  ) => (
    <Labeled text={label}>
      <input
        className={"entry figure " + wide}
        maxLength={most}
        readOnly={!may("SET_UP")}
        value={set[field]}
        onChange={(event) => setSet({ ...set, [field]: event.target.value })}
      />
    </Labeled>
  );
  return (
    <form
      aria-label="Our numbers"
      className="space-y-2"
      onSubmit={(event) => {
        event.preventDefault();
        save.mutate(set);
      }}
    >
      <h2>Our numbers</h2>
      <div className="flex flex-wrap items-end gap-3">
        {text("companyPrefix", "GS1 company prefix", 12, "w-36")}
        <Labeled text="Extension digit">
          <input
            className="entry figure w-20"
            inputMode="numeric"
            maxLength={1}
            readOnly={!may("SET_UP")}
            value={String(set.extensionDigit)}
            onChange={(event) =>
              setSet({ ...set, extensionDigit: Number(event.target.value.replace(/\D/g, "") || 0) })
            }
          />
        </Labeled>
        {text("locationNumber", "Location number (GLN)", 13, "w-40")}
        {text("interchangeQualifier", "Qualifier", 2, "w-16")}
        {text("interchangeId", "Interchange ID", 15, "w-40")}
      </div>
      <p className="quiet">
        {view.packageNumbersLeft === undefined
          ? "Packages get their numbers (SSCC) from the prefix; without it no partner’s label can be made."
          : `${view.packageNumbersLeft.toLocaleString("en-US")} package numbers (SSCC) are left with this prefix and digit. None is given twice.`}
      </p>
      {may("SET_UP") && (
        <button type="submit" className="act" disabled={save.isPending}>
          {save.isPending ? "Keeping …" : "Keep our numbers"}
        </button>
      )}
      {save.isSuccess && <span className="ml-3 text-primary">✓ Kept.</span>}
      {save.isError && <ProblemLine error={save.error} />}
    </form>
  );
}
