import type { Rounding } from "@kestrelmoor/core/teaching";
import type { WorkingsStyle } from "@kestrelmoor/core/typing";
import { useWorkingsChoice } from "./workings-choice";

/** What a course may ask of intermediate values. */
const ROUNDINGS: readonly { readonly words: string; readonly rounding: Rounding }[] = [
  { words: "unrounded", rounding: { factor: null, rate: null } },
  { words: "factors to 6 decimals", rounding: { factor: 6, rate: null } },
  { words: "factors to 4 decimals", rounding: { factor: 4, rate: null } },
  { words: "rates to 4 decimals (as a percentage)", rounding: { factor: null, rate: 4 } },
  { words: "factors and rates to 4 decimals", rounding: { factor: 4, rate: 4 } },
];

/** How workings are written, as parts of a sentence. */
export function WorkingsChoices({ verb }: { readonly verb: string }) {
  const { choice, change } = useWorkingsChoice();
  const { factor, rate } = choice.rounding;
  const chosen = ROUNDINGS.findIndex(
    ({ rounding }) => rounding.factor === factor && rounding.rate === rate,
  );
  return (
    <>
      <label>
        {verb}{" "}
        <select
          className="ink-choice"
          aria-label="Level of detail"
          value={choice.level}
          onChange={({ target }) => change({ level: target.value as WorkingsStyle["level"] })}
        >
          <option value="every-step">all steps</option>
          <option value="short">short</option>
        </select>
        ,
      </label>{" "}
      <label>
        with{" "}
        <select
          className="ink-choice"
          aria-label="Notation of factors"
          value={choice.notation}
          onChange={({ target }) => change({ notation: target.value as WorkingsStyle["notation"] })}
        >
          <option value="fractions">full formulas</option>
          <option value="factors">annuity symbols</option>
        </select>
      </label>{" "}
      <label>
        and{" "}
        <select
          className="ink-choice"
          aria-label="Rounding of intermediate values"
          value={chosen}
          onChange={({ target }) =>
            change({ rounding: ROUNDINGS[Number(target.value)]?.rounding ?? choice.rounding })
          }
        >
          {ROUNDINGS.map(({ words }, index) => (
            <option key={words} value={index}>
              {words}
            </option>
          ))}
        </select>
        .
      </label>
    </>
  );
}
