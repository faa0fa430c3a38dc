import type { AccountRule, BooksView } from "./booksData";

interface Props {
  view: BooksView;
  rules: AccountRule[];
  change: (rules: AccountRule[]) => void;
}

/** Which accounts freight is booked on: those of the first rule that fits. */
export function AccountRules({ view, rules, change }: Props) {
  const set = (index: number, part: Partial<AccountRule>) =>
    change(rules.map((each, at) => (at === index ? { ...each, ...part } : each)));
  const up = (index: number) => {
    const moved = [...rules];
    moved.splice(index - 1, 0, ...moved.splice(index, 1));
    change(moved);
  };
  return (
    <section aria-label="Accounts" className="space-y-1">
      <h2>Accounts</h2>
      <table className="timetable compact">
        <thead>
          <tr>
            <th>Carrier</th>
            <th>From site</th>
            <th>Customer</th>
            <th>Terms</th>
            <th>Expense</th>
            <th>Not yet billed</th>
            <th>
              <span className="sr-only">Order</span>
            </th>
          </tr>
        </thead>
        <tbody>
          {rules.map((rule, index) => (
            <tr key={index}>
              <td>
                <Choose
                  label={`Carrier of rule ${index + 1}`}
                  value={rule.carrier}
                  choices={view.carriers}
                  choose={(carrier) => set(index, { carrier })}
                />
              </td>
              <td>
                <Choose
                  label={`Site of rule ${index + 1}`}
                  value={rule.site}
                  choices={view.sites}
                  choose={(site) => set(index, { site })}
                />
              </td>
              <td>
                <Text
                  label={`Customer of rule ${index + 1}`}
                  value={rule.customer}
                  hint="any"
                  type={(customer) => set(index, { customer })}
                />
              </td>
              <td>
                <Choose
                  label={`Terms of rule ${index + 1}`}
                  value={rule.terms ?? ""}
                  choices={view.terms}
                  choose={(terms) => set(index, { terms: (terms || undefined) as AccountRule["terms"] })}
                />
              </td>
              <td>
                <Text
                  label={`Expense account of rule ${index + 1}`}
                  value={rule.expenseAccount}
                  hint="account"
                  type={(expenseAccount) => set(index, { expenseAccount })}
                />
              </td>
              <td>
                <Text
                  label={`Account not yet billed of rule ${index + 1}`}
                  value={rule.liabilityAccount}
                  hint="account"
                  type={(liabilityAccount) => set(index, { liabilityAccount })}
                />
              </td>
              <td className="whitespace-nowrap">
                {index > 0 && (
                  <button
                    type="button"
                    className="link"
                    aria-label={`Rule ${index + 1} earlier`}
                    onClick={() => up(index)}
                  >
                    ↑
                  </button>
                )}{" "}
                <button
                  type="button"
                  className="link"
                  aria-label={`Leave rule ${index + 1} out`}
                  onClick={() => change(rules.filter((_, at) => at !== index))}
                >
                  ×
                </button>
              </td>
            </tr>
          ))}
          <tr>
            <td colSpan={4} className="quiet">
              all else
            </td>
            <td>{view.usualExpense}</td>
            <td>{view.usualLiability}</td>
            <td />
          </tr>
        </tbody>
      </table>
      <button
        type="button"
        className="link"
        onClick={() =>
          change([
            ...rules,
            {
              carrier: "",
              site: "",
              customer: "",
              expenseAccount: view.usualExpense,
              liabilityAccount: view.usualLiability,
            },
          ])
        }
      >
        + a rule
      </button>
    </section>
  );
}

interface ChooseProps {
  label: string;
  value: string;
  choices: { value: string; words: string }[];
  choose: (value: string) => void;
}

function Choose({ label, value, choices, choose }: ChooseProps) {
  return (
    <select
      aria-label={label}
      className="entry w-full"
      value={value}
      onChange={(event) => choose(event.target.value)}
    >
      <option value="">any</option>
      {choices.map((each) => (
        <option key={each.value} value={each.value}>
          {each.words}
        </option>
      ))}
    </select>
  );
}

interface TextProps {
  label: string;
  value: string;
  hint: string;
  type: (value: string) => void;
}

function Text({ label, value, hint, type }: TextProps) {
  return (
    <input
      aria-label={label}
      className="entry w-full"
      maxLength={120}
      placeholder={hint}
      value={value}
      onChange={(event) => type(event.target.value)}
    />
  );
}
