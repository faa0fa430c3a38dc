import { useEffect, useMemo, useRef, useState } from "react";
import { dayWithYear, moment } from "../ui/format";
import { JobLink } from "../ui/JobLink";
import { Key } from "../ui/Key";
import { useKeys } from "../ui/keys";
import { ProblemLine } from "../ui/states";
import {
  acts,
  canBeReceived,
  type Condition,
  CONDITIONS,
  isAwaited,
  reminderLetter,
  type Return,
  STATE_WORDS,
  useReturnAct,
} from "./useReturns";

interface Props {
  row: Return;
  timeZone: string;
  mayAct: boolean;
  leave: () => void;
  received: (row: Return) => void;
}

/** One return, open: what is to come, what came of it, and what can be done about it. */
export function ReceiveReturn({ row, timeZone, mayAct, leave, received }: Props) {
  const act = useReturnAct();
  const receipt = useReturnAct(received);
  const first = useRef<HTMLButtonElement>(null);
  const [came, setCame] = useState(() =>
    row.lines.map((line) => ({
      position: line.position,
      quantity: String(line.quantity),
      condition: "GOOD" as Condition,
    })),
  );
  const open = mayAct && canBeReceived(row);
  const { mutate } = act;
  useKeys(
    useMemo(
      () => [
        { key: "Escape", label: "Leave the return", group: "Return", run: leave, whileTyping: true },
        ...(mayAct && row.state === "EXPECTED"
          ? [
              {
                key: "Alt+o",
                label: "It is on its way",
                group: "Return",
                run: () => mutate(() => acts.onTheWay(row.id)),
              },
            ]
          : []),
      ],
      [leave, mayAct, mutate, row.id, row.state],
    ),
  );
  useEffect(() => first.current?.focus(), [row.id]);
  const change = (position: number, change: Partial<{ quantity: string; condition: Condition }>) =>
    setCame((before) => before.map((each) => (each.position === position ? { ...each, ...change } : each)));
  return (
    <section aria-label={`Return of job ${row.job}`} className="mt-2 border-2 border-base-content p-3">
      <div className="flex flex-wrap items-baseline gap-x-4">
        <h2 className="!mt-0">
          Return of job <JobLink job={row.job} />
        </h2>
        <span>{row.customer}</span>
        <strong className={row.overdue ? "text-error" : ""}>
          {row.overdue ? "overdue" : STATE_WORDS[row.state]}
        </strong>
        <span>{row.reasonWords}</span>
        {row.service && (
          <span>
            {row.service} <span className="figure">{row.trackingNumber}</span>
          </span>
        )}
        <span className="quiet">
          {row.state === "ON_THE_WAY" ? "due" : "valid until"} {dayWithYear(row.due)}
        </span>
        {row.papers.map((paper) => (
          <a key={paper} href={paper} target="_blank" rel="noreferrer" className="underline">
            Return label
          </a>
        ))}
      </div>
      <p className="quiet">
        asked for by {row.askedBy}, {moment(row.askedAt, timeZone)}
        {row.freight && row.service && (
          <>
            ; <span className="figure">{`${row.freight.amount} ${row.freight.currency}`}</span> once the label
            is used, {row.payerWords}
            {row.payer === "CUSTOMER" && row.customerPays && (
              <span className="figure">{` ${row.customerPays.amount} ${row.customerPays.currency}`}</span>
            )}
          </>
        )}
        {row.reminders > 0 && row.remindedAt && (
          <>
            ; reminded {row.reminders === 1 ? "once" : `${row.reminders} times`}, last{" "}
            {moment(row.remindedAt, timeZone)}
          </>
        )}
      </p>
      {row.note && <p>{row.note}</p>}
      {row.said && <p className="text-error">{row.said}</p>}
      {row.receivedAt && (
        <p>
          <strong>Received</strong> by {row.receivedBy}, {moment(row.receivedAt, timeZone)}: {row.came}
        </p>
      )}
      <form
        onSubmit={(event) => {
          event.preventDefault();
          receipt.mutate(() =>
            acts.receive(
              row.id,
              came.map((each) => ({ ...each, quantity: Number(each.quantity) || 0 })),
            ),
          );
        }}
      >
        <table className="timetable compact mt-1">
          <caption className="sr-only">What comes back</caption>
          <thead>
            <tr>
              <th>Item</th>
              <th className="!text-right">To come</th>
              <th>{row.receivedAt ? "Came" : open ? "Came (pieces)" : ""}</th>
              <th>{row.receivedAt || open ? "In which state" : ""}</th>
            </tr>
          </thead>
          <tbody>
            {row.lines.map((line, index) => (
              <tr key={line.position}>
                <td>{line.item}</td>
                <td className="figure text-right">{line.quantity}</td>
                <td>
                  {open ? (
                    <input
                      aria-label={`Pieces of ${line.item} that came`}
                      className="entry figure w-20 py-0"
                      inputMode="numeric"
                      value={came[index]?.quantity ?? ""}
                      onChange={(event) => change(line.position, { quantity: event.target.value })}
                    />
                  ) : (
                    <span className="figure">{line.came}</span>
                  )}
                </td>
                <td>
                  {open ? (
                    <select
                      aria-label={`State of ${line.item}`}
                      className="entry py-0"
                      value={came[index]?.condition}
                      onChange={(event) =>
                        change(line.position, { condition: event.target.value as Condition })
                      }
                    >
                      {CONDITIONS.map(({ condition, words }) => (
                        <option key={condition} value={condition}>
                          {words}
                        </option>
                      ))}
                    </select>
                  ) : (
                    CONDITIONS.find((each) => each.condition === line.condition)?.words
                  )}
                </td>
              </tr>
            ))}
          </tbody>
        </table>
        <div className="mt-2 flex flex-wrap items-center gap-3">
          {open && (
            <button ref={first} type="submit" className="act" disabled={receipt.isPending}>
              Receive it <Key name="Enter" />
            </button>
          )}
          {mayAct && row.state === "EXPECTED" && (
            <button type="button" className="act" onClick={() => act.mutate(() => acts.onTheWay(row.id))}>
              It is on its way <Key name="Alt+O" />
            </button>
          )}
          {mayAct && isAwaited(row) && (
            <>
              {row.reminderMailed && row.mail ? (
                <button type="button" className="act" onClick={() => act.mutate(() => acts.remind(row.id))}>
                  Send a reminder
                </button>
              ) : (
                <a
                  className="act"
                  href={reminderLetter(row)}
                  onClick={() => act.mutate(() => acts.remind(row.id))}
                >
                  Write a reminder
                </a>
              )}
              <button type="button" className="act" onClick={() => act.mutate(() => acts.callOff(row.id))}>
                Call it off
              </button>
            </>
          )}
          <button type="button" className="act ml-auto" onClick={leave}>
            Leave <Key name="Esc" />
          </button>
        </div>
      </form>
      {act.isError && <ProblemLine error={act.error} />}
      {receipt.isError && <ProblemLine error={receipt.error} />}
    </section>
  );
}
