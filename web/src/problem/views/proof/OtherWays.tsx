import { writeSignificant, writeMoney, type AnswerFormat } from "@kestrelmoor/core";
import type { Way, WayName } from "@kestrelmoor/core/teaching";
import styles from "./Proof.module.css";

const WORDS: Readonly<Record<WayName, string>> = {
  "one-by-one": "Discount each amount to today and add",
  factors: "Use the factors in the workings",
  accumulated: "Accumulate everything to the end, then discount",
};

interface OtherWaysProps {
  readonly ways: readonly Way[];
  readonly format: AnswerFormat;
}

/** The same problem worked in other ways, each with its value and how far it is from the answer. */
export function OtherWays({ ways, format }: OtherWaysProps) {
  const hasValue = ways.some(({ value }) => value !== null);
  const money = (amount: number | null) => (amount === null ? "–" : writeMoney(amount, format));
  return (
    <div className={styles.scroll} role="region" aria-label="Other methods" tabIndex={0}>
      <table className={`figures ${styles.table ?? ""}`}>
        <thead>
          <tr>
            <th scope="col">Method</th>
            <th scope="col">Money in, present value</th>
            <th scope="col">Money out, present value</th>
            {hasValue && <th scope="col">The answer</th>}
            <th scope="col">Agrees</th>
          </tr>
        </thead>
        <tbody>
          {ways.map(({ name, value, apart, ...sides }) => (
            <tr key={name}>
              <th scope="row">{WORDS[name]}</th>
              <td>{money(sides.in)}</td>
              <td>{money(sides.out)}</td>
              {hasValue && <td>{money(value)}</td>}
              <td>{agreement(apart, format)}</td>
            </tr>
          ))}
        </tbody>
      </table>
    </div>
  );
}

/** How far apart in words: to how many digits two numbers are the same. */
function agreement(apart: number, format: AnswerFormat): string {
  const digits = apart === 0 ? 15 : Math.min(15, Math.floor(-Math.log10(apart)));
  return digits >= 9
    ? `to ${digits} digits`
    : `differs by ${writeSignificant(apart * 100, format, 3)}%`;
}
