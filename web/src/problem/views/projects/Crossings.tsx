import { writeMoney, writeRate, type AnswerFormat } from "@kestrelmoor/core";
import type { Comparison } from "./compared";
import styles from "./Projects.module.css";

interface CrossingsProps {
  readonly comparison: Comparison;
  readonly format: AnswerFormat;
}

/** The rates at which two projects change places. */
export function Crossings({ comparison, format }: CrossingsProps) {
  const { contenders, crossings } = comparison;
  const name = (place: number) => contenders[place]?.name ?? "";
  if (crossings.length === 0) {
    return (
      <p className={styles.quiet}>
        No two projects have equal net present values at any rate: the ranking is the same at every
        rate.
      </p>
    );
  }
  const ordered = [...crossings].sort((one, other) => one.percent - other.percent);
  return (
    <div className={styles.scroll} role="region" aria-label="Crossover rates" tabIndex={0}>
      <table className={`figures ${styles.table ?? ""}`}>
        <caption>Crossover rates: where two net present values are equal</caption>
        <thead>
          <tr>
            <th scope="col">Projects</th>
            <th scope="col">Crossover rate</th>
            <th scope="col">Net present value there</th>
          </tr>
        </thead>
        <tbody>
          {ordered.map(({ pair: [one, other], percent, value }) => (
            <tr key={`${one} ${other} ${percent}`}>
              <th scope="row">
                {name(one)} and {name(other)}
              </th>
              <td>{writeRate(percent, format)}</td>
              <td>{writeMoney(value, format)}</td>
            </tr>
          ))}
        </tbody>
      </table>
    </div>
  );
}
