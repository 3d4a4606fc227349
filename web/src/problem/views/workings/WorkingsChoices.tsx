import type { Rounding } from "@kestrelmoor/core/teaching";
import { InkChoice } from "../../../ui/InkChoice";
import { useWorkingsChoice } from "./workings-choice";

/** What a course may ask of intermediate values. */
const ROUNDINGS: readonly { readonly words: string; readonly rounding: Rounding }[] = [
  { words: "unrounded", rounding: { factor: null, rate: null } },
  { words: "factors to 6 decimals", rounding: { factor: 6, rate: null } },
  { words: "factors to 4 decimals", rounding: { factor: 4, rate: null } },
  { words: "rates to 4 decimals (as a percentage)", rounding: { factor: null, rate: 4 } },
  { words: "factors and rates to 4 decimals", rounding: { factor: 4, rate: 4 } },
];

const LEVELS = [
  ["every-step", "all steps"],
  ["short", "short"],
] as const;

const NOTATIONS = [
  ["fractions", "full formulas"],
  ["factors", "annuity symbols"],
] as const;

const BALANCES = [
  ["shorter", "the shorter method"],
  ["prospective", "the prospective method"],
  ["retrospective", "the retrospective method"],
] as const;

interface WorkingsChoicesProps {
  readonly verb: string;
  /** Whether balances are among them, which can be found in two ways. */
  readonly hasBalances?: boolean;
}

/** How workings are written, as parts of a sentence. */
export function WorkingsChoices({ verb, hasBalances = false }: WorkingsChoicesProps) {
  const { choice, change } = useWorkingsChoice();
  const { factor, rate } = choice.rounding;
  const chosen = ROUNDINGS.findIndex(
    ({ rounding }) => rounding.factor === factor && rounding.rate === rate,
  );
  return (
    <>
      {verb}{" "}
      <InkChoice
        label="Level of detail"
        value={choice.level}
        options={LEVELS}
        onChoose={(level) => change({ level })}
      />
      , with{" "}
      <InkChoice
        label="Notation of factors"
        value={choice.notation}
        options={NOTATIONS}
        onChoose={(notation) => change({ notation })}
      />{" "}
      and{" "}
      <InkChoice
        label="Rounding of intermediate values"
        value={chosen}
        options={ROUNDINGS.map(({ words }, place) => [place, words] as const)}
        onChoose={(place) => change({ rounding: ROUNDINGS[place]?.rounding ?? choice.rounding })}
      />
      {hasBalances && (
        <>
          , balances by{" "}
          <InkChoice
            label="Method for balances"
            value={choice.balances ?? "shorter"}
            options={BALANCES}
            onChoose={(balances) => change({ balances })}
          />
        </>
      )}
      .
    </>
  );
}
