import { FilterChoice } from "../ui/FilterChoice";
import { Labeled } from "../ui/Labeled";
import { type PostingFilter, type PostingState, STATES } from "./postingData";

interface Props {
  filter: PostingFilter;
  systems: { code: string; name: string }[];
  change: (filter: PostingFilter) => void;
}

/** By state, system, job and day. */
export function PostingFilters({ filter, systems, change }: Props) {
  return (
    <div className="mt-2 flex flex-wrap items-end gap-x-5 gap-y-2">
      <div role="group" aria-label="State" className="flex gap-3 pb-1.5">
        <FilterChoice name="all" on={!filter.state} choose={() => change({ ...filter, state: undefined })} />
        {(Object.keys(STATES) as PostingState[]).map((each) => (
          <FilterChoice
            key={each}
            name={STATES[each].words}
            on={filter.state === each}
            choose={() => change({ ...filter, state: each })}
          />
        ))}
      </div>
      <Labeled text="Into">
        <select
          className="entry"
          value={filter.target ?? ""}
          onChange={(event) => change({ ...filter, target: event.target.value || undefined })}
        >
          <option value="">every system</option>
          {systems.map((each) => (
            <option key={each.code} value={each.code}>
              {each.name}
            </option>
          ))}
        </select>
      </Labeled>
      <Labeled text="Job">
        <input
          className="entry figure w-36"
          maxLength={120}
          placeholder="its number"
          defaultValue={filter.job ?? ""}
          key={filter.job ?? ""}
          onKeyDown={(event) =>
            event.key === "Enter" && change({ ...filter, job: event.currentTarget.value.trim() || undefined })
          }
          onBlur={(event) => change({ ...filter, job: event.target.value.trim() || undefined })}
        />
      </Labeled>
      <Labeled text="Made on">
        <input
          type="date"
          className="entry figure"
          value={filter.day ?? ""}
          onChange={(event) => change({ ...filter, day: event.target.value || undefined })}
        />
      </Labeled>
    </div>
  );
}
