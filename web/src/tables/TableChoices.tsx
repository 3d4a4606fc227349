import {
  FACTOR_KINDS,
  isGrowing,
  isOfPayments,
  FACTOR_NAMES,
  FACTOR_SAYS,
} from "@kestrelmoor/core";
import { InkChoice } from "../ui/InkChoice";
import type { Asked } from "../desk/use-asked";

const KINDS = FACTOR_KINDS.map((kind) => [kind, FACTOR_NAMES[kind]] as const);

/** Which table it is, as a sentence. */
export function TableChoices({ asked }: { readonly asked: Asked<"table"> }) {
  const { typed: desk, field, change } = asked;
  return (
    <>
      <div className="sentence">
        The{" "}
        <InkChoice
          label="Factor"
          value={desk.kind}
          options={KINDS}
          onChoose={(kind) => change({ kind })}
        />
        {isGrowing(desk.kind) && <>, growing by {field("growth")} each</>}
        {isOfPayments(desk.kind) && (
          <>
            , paid at the{" "}
            <InkChoice
              label="Payment timing"
              value={desk.timing}
              options={[
                ["end", "end"],
                ["start", "start"],
              ]}
              onChoose={(timing) => change({ timing })}
            />{" "}
            of each period
          </>
        )}
        , at rates from {field("ratesFrom")} to {field("ratesTo")} in steps of {field("ratesStep")},
        over {field("countsFrom")} to {field("countsTo")} periods, to{" "}
        <InkChoice
          label="Decimals"
          value={desk.decimals}
          options={[
            ["3", "3 decimals"],
            ["4", "4 decimals"],
            ["5", "5 decimals"],
            ["6", "6 decimals"],
          ]}
          onChoose={(decimals) => change({ decimals })}
        />
        .
      </div>
      <p className="quiet">{FACTOR_SAYS[desk.kind]}</p>
    </>
  );
}
