import { day } from "../ui/format";
import { Link } from "react-router";
import { benchOf, JobLink } from "../ui/JobLink";
import { isOpen, type Run, type RunChange, type RunRow } from "./useRun";

interface Props {
  run: Run;
  chosen: string[];
  toggle: (job: string) => void;
  disabled: boolean;
  change: (job: string, change: RunChange) => void;
}

/** A row a job; carton, weight, service, day and site are corrected in place, Tab leads from one to the next. */
export function RunTable({ run, chosen, toggle, disabled, change }: Props) {
  return (
    <table className="timetable compact">
      <thead>
        <tr>
          <th></th>
          <th>Job</th>
          <th>Ship to</th>
          <th>Carton</th>
          <th>Weight</th>
          <th>Service</th>
          <th className="text-right">Costs us</th>
          {run.seesCharge && <th className="text-right">Customer pays</th>}
          {run.sites.length > 1 && <th>From</th>}
          <th>Leaves</th>
          <th>Arrives</th>
          <th>What comes of it</th>
        </tr>
      </thead>
      <tbody>
        {run.rows.map((row) => (
          <tr key={row.job} className={row.state === "FAILED" ? "bg-base-200" : ""}>
            <td>
              {run.mayAct && isOpen(row) && (
                <input
                  type="checkbox"
                  aria-label={`Job ${row.job} chosen`}
                  checked={chosen.includes(row.job)}
                  onChange={() => toggle(row.job)}
                />
              )}
            </td>
            <td className="figure">
              <JobLink job={row.job} />
            </td>
            <td className="max-w-44 truncate" title={row.shipTo}>
              {row.shipTo}
            </td>
            <td className="max-w-32 truncate" title={row.carton}>
              <CartonCell row={row} run={run} disabled={disabled || !run.mayAct} change={change} />
            </td>
            <td>
              <WeightCell row={row} disabled={disabled || !run.mayAct} change={change} />
            </td>
            <td>
              <ServiceCell row={row} disabled={disabled || !run.mayAct} change={change} />
            </td>
            <td className="figure text-right">{row.total?.amount}</td>
            {run.seesCharge && <td className="figure text-right">{row.charge?.amount}</td>}
            {run.sites.length > 1 && (
              <td>
                <SiteCell row={row} run={run} disabled={disabled || !run.mayAct} change={change} />
              </td>
            )}
            <td className="whitespace-nowrap">
              <LeavesCell row={row} disabled={disabled || !run.mayAct} change={change} />
            </td>
            <td className={"whitespace-nowrap " + (row.late ? "font-bold text-warning" : "")}>
              {row.arrivesOn && day(row.arrivesOn)}
              {row.late && row.promised && (
                <span className="block text-sm font-normal">late: promised {day(row.promised)}</span>
              )}
            </td>
            <td>
              <Outcome row={row} />
            </td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}

type CellProps = { row: RunRow; disabled: boolean; change: Props["change"] };

function CartonCell({ row, run, disabled, change }: CellProps & { run: Run }) {
  if (!isOpen(row) || row.packages !== 1) {
    return (
      <>
        {row.packages > 1 && <span className="figure">{row.packages} × </span>}
        {row.carton}
      </>
    );
  }
  const now = run.cartons.find((each) => each.name === row.carton)?.code ?? "";
  return (
    <select
      aria-label={`Carton of job ${row.job}`}
      value={now}
      disabled={disabled}
      className="entry max-w-28 px-1!"
      onChange={(event) => change(row.job, { carton: event.target.value })}
    >
      {now === "" && <option value="">{row.carton}</option>}
      {run.cartons.map((each) => (
        <option key={each.code} value={each.code}>
          {each.name}
        </option>
      ))}
    </select>
  );
}

function WeightCell({ row, disabled, change }: CellProps) {
  if (!isOpen(row) || row.packages !== 1) {
    return <span className="figure">{row.weight?.text}</span>;
  }
  const now = row.weighed ? (row.weight?.text ?? "") : "";
  function keep(field: HTMLInputElement) {
    const text = field.value.trim();
    if (text && text !== now) {
      change(row.job, { weight: text });
    }
  }
  return (
    <input
      key={now}
      aria-label={`Weight of job ${row.job}`}
      defaultValue={now}
      placeholder={row.weight ? `${row.weight.text}?` : "?"}
      maxLength={40}
      disabled={disabled}
      className="entry figure w-24"
      onBlur={(event) => keep(event.currentTarget)}
      onKeyDown={(event) => {
        if (event.key === "Enter") {
          event.preventDefault();
          keep(event.currentTarget);
        }
        if (event.key === "Escape") {
          event.currentTarget.value = now;
        }
      }}
    />
  );
}

function ServiceCell({ row, disabled, change }: CellProps) {
  const chosen = row.choices.find((each) => each.code === row.service);
  if (!isOpen(row) || row.choices.length === 0) {
    return <>{chosen?.name ?? row.service}</>;
  }
  return (
    <select
      aria-label={`Service of job ${row.job}`}
      value={row.service}
      disabled={disabled}
      className="entry max-w-36 px-1!"
      onChange={(event) => change(row.job, { service: event.target.value })}
    >
      {!chosen && <option value={row.service}>{row.service || "none"}</option>}
      {row.choices.map((each) => (
        <option key={each.code} value={each.code}>
          {each.code === row.service ? each.name : `${each.name}, ${each.total.amount}, ${day(each.arrives)}`}
        </option>
      ))}
    </select>
  );
}

function SiteCell({ row, run, disabled, change }: CellProps & { run: Run }) {
  const city = run.sites.find((each) => each.code === row.site)?.city;
  if (!isOpen(row)) {
    return <>{city}</>;
  }
  return (
    <select
      aria-label={`Site of job ${row.job}`}
      value={row.site}
      disabled={disabled}
      className="entry w-24 px-1!"
      onChange={(event) => change(row.job, { site: event.target.value })}
    >
      {!city && <option value={row.site}>?</option>}
      {run.sites.map((each) => (
        <option key={each.code} value={each.code}>
          {each.city}
        </option>
      ))}
    </select>
  );
}

function LeavesCell({ row, disabled, change }: CellProps) {
  if (!isOpen(row)) {
    return <>{row.leavesOn && day(row.leavesOn)}</>;
  }
  return (
    <input
      key={row.leavesOn}
      type="date"
      aria-label={`Ship day of job ${row.job}`}
      defaultValue={row.leavesOn}
      disabled={disabled}
      className="entry w-32"
      onBlur={(event) => {
        const chosen = event.currentTarget.value;
        if (/^20\d\d-/.test(chosen) && chosen !== row.leavesOn) {
          change(row.job, { day: chosen });
        }
      }}
    />
  );
}

function Outcome({ row }: { row: RunRow }) {
  switch (row.state) {
    case "NEW":
      return <span className="quiet">not looked at yet</span>;
    case "READY":
      return <span className="text-primary">✓ ready</span>;
    case "SHIPPING":
      return <span>being shipped …</span>;
    case "SHIPPED":
      return (
        <span className="text-primary">
          ✓ <span className="figure whitespace-normal!">{row.tracking}</span>
        </span>
      );
    case "ASKED":
      return <span className="text-warning">{row.reason}</span>;
    default:
      return (
        <span>
          <strong className={row.state === "FAILED" ? "text-error" : "text-warning"}>
            {row.state === "FAILED" ? "✕ failed: " : "stopped: "}
          </strong>
          {row.reason} <em>{row.remedy}</em>{" "}
          <Link to={benchOf(row.job)} className="underline">
            Bench
          </Link>
        </span>
      );
  }
}
