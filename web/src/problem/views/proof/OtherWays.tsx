import { writeSignificant, writeMoney, type AnswerFormat } from "@kestrelmoor/core";
import type { Way, WayName } from "@kestrelmoor/core/teaching";
import { Figures } from "../../../ui/Figures";
import { Sideways } from "../../../ui/Sideways";
import styles from "./Proof.module.css";

const WORDS: Readonly<Record<WayName, string>> = {
  "one-by-one": "Discount each amount to today and add",
  factors: "Use the factors in the workings",
  accumulated: "Accumulate everything to the end, then discount",
};

const ONE_BY_ONE_AT_FOCAL = "Move each amount to the focal date and add";

interface OtherWaysProps {
  readonly ways: readonly Way[];
  /** Whether amounts are discounted to today, and not moved to a focal date. */
  readonly isCompound: boolean;
  readonly format: AnswerFormat;
}

/** The same problem worked in other ways, each with its value and how far it is from the answer. */
export function OtherWays({ ways, isCompound, format }: OtherWaysProps) {
  const hasValue = ways.some(({ value }) => value !== null);
  const money = (amount: number | null) => (amount === null ? "–" : writeMoney(amount, format));
  return (
    <Sideways name="Other methods">
      <Figures
        className={styles.table}
        heads={[
          "Method",
          ...["Money in", "Money out"].map(
            (side) => `${side}, ${isCompound ? "present value" : "focal date"}`,
          ),
          ...(hasValue ? ["The answer"] : []),
          "Agrees",
        ]}
        rows={ways.map(({ name, value, apart, ...sides }) => ({
          key: name,
          cells: [
            name === "one-by-one" && !isCompound ? ONE_BY_ONE_AT_FOCAL : WORDS[name],
            money(sides.in),
            money(sides.out),
            ...(hasValue ? [money(value)] : []),
            agreement(apart, format),
          ],
        }))}
      />
    </Sideways>
  );
}

/** How far apart in words: to how many digits two numbers are the same. */
function agreement(apart: number, format: AnswerFormat): string {
  const digits = apart === 0 ? 15 : Math.min(15, Math.floor(-Math.log10(apart)));
  return digits >= 9
    ? `to ${digits} digits`
    : `differs by ${writeSignificant(apart * 100, format, 3)}%`;
}
