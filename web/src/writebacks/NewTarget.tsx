import { useState } from "react";
import { answer, api, type Schemas } from "../api/client";
import { Labeled } from "../ui/Labeled";
import { PlanForm } from "./PlanForm";
import { FIRST_PLAN, useWriteBackAct, type WriteBacksView } from "./writeBackData";

type NewEntry = Schemas["writeback.NewTargetEntry"];

/** Another system that is told. */
export function NewTarget({ view, done }: { view: WriteBacksView; done: (after: WriteBacksView) => void }) {
  const [reach, setReach] = useState({
    name: "",
    adapter: view.kinds[0]?.adapter ?? "",
    address: "",
    userName: "",
    secret: "",
  });
  const add = useWriteBackAct((body: NewEntry) => answer(api.POST("/api/v1/write-backs", { body })));
  const kind = view.kinds.find((each) => each.adapter === reach.adapter);
  const change = (part: Partial<typeof reach>) => setReach({ ...reach, ...part });
  return (
    <PlanForm
      view={view}
      title={reach.name || "Another system"}
      first={FIRST_PLAN}
      takesStatements={kind?.takesStatements ?? false}
      head={
        <div className="flex flex-wrap items-end gap-x-4 gap-y-2">
          <Labeled text="Name">
            <input
              className="entry w-52"
              maxLength={60}
              value={reach.name}
              onChange={(event) => change({ name: event.target.value })}
            />
          </Labeled>
          <Labeled text="Kind">
            <select
              className="entry"
              value={reach.adapter}
              onChange={(event) => change({ adapter: event.target.value })}
            >
              {view.kinds.map((each) => (
                <option key={each.adapter} value={each.adapter}>
                  {each.label}
                </option>
              ))}
            </select>
          </Labeled>
          <Labeled text={`Address: ${kind?.addressForm ?? ""}`}>
            <input
              className="entry figure w-96 max-w-full"
              maxLength={500}
              value={reach.address}
              onChange={(event) => change({ address: event.target.value })}
            />
          </Labeled>
          <Labeled text="User name, if it has one">
            <input
              className="entry w-44"
              maxLength={120}
              autoComplete="off"
              value={reach.userName}
              onChange={(event) => change({ userName: event.target.value })}
            />
          </Labeled>
          <Labeled text="Password or token">
            <input
              type="password"
              className="entry w-44"
              maxLength={500}
              autoComplete="new-password"
              value={reach.secret}
              onChange={(event) => change({ secret: event.target.value })}
            />
          </Labeled>
        </div>
      }
      act={{
        name: "Connect it",
        busy: add.isPending,
        error: add.error,
        done: false,
        run: (plan) => add.mutate({ ...reach, plan }, { onSuccess: done }),
      }}
      tried={() => <p className="quiet">Once it is connected, it is tried here on a job that has left.</p>}
    />
  );
}
