import { writeMoney, writeRate, type AnswerFormat } from "@kestrelmoor/core";
import type { Comparison } from "./compared";
import { Figures } from "../../../ui/Figures";
import { Sideways } from "../../../ui/Sideways";
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
      <p className="quiet">
        No two projects have equal net present values at any rate: the ranking is the same at every
        rate.
      </p>
    );
  }
  const ordered = [...crossings].sort((one, other) => one.percent - other.percent);
  return (
    <Sideways name="Crossover rates">
      <Figures
        className={styles.table}
        caption="Crossover rates: where two net present values are equal"
        heads={["Projects", "Crossover rate", "Net present value there"]}
        rows={ordered.map(({ pair: [one, other], percent, value }) => ({
          key: `${one} ${other} ${percent}`,
          cells: [
            `${name(one)} and ${name(other)}`,
            writeRate(percent, format),
            writeMoney(value, format),
          ],
        }))}
      />
    </Sideways>
  );
}
