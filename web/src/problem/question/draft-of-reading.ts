import type { ToldReading } from "@kestrelmoor/core/question";
import {
  AS_PAID,
  draftOfQuestion,
  ownQuotation,
  quotationKey,
  setQuotation,
  writeDraft,
  type Draft,
} from "@kestrelmoor/core/typing";

/** What the fields have of a reading. */
export type LinesRead = Pick<ToldReading, "file" | "partial" | "assumptions">;

/** Without the text, so that the lines of a longer one are the same as long as both are read alike. */
export function linesRead({ file, partial, assumptions }: ToldReading): LinesRead {
  return {
    ...(file === undefined ? {} : { file: { ...file, question: "" } }),
    ...(partial === undefined ? {} : { partial }),
    assumptions,
  };
}

/** A reading in fields, as somebody would have typed it; `null` where it has no problem. */
export function draftOfReading(reading: LinesRead): Draft | null {
  const { file, partial, assumptions } = reading;
  const isAssumed = assumptions.some(({ code }) => code === "compounding");
  if (file === undefined) return partial === undefined ? null : blankDraft(partial, isAssumed);
  const draft = file.format === "kestrelmoor-question" ? draftOfQuestion(file) : writeDraft(file);
  return {
    ...withLaws(draft, isAssumed),
    later: draft.later.map((part) => withLaws(part, isAssumed)),
  };
}

/** What is missing is asked for in its field, which is empty. */
function blankDraft(
  { problem, blanks }: NonNullable<ToldReading["partial"]>,
  isAssumed: boolean,
): Draft {
  const isBlank = (code: (typeof blanks)[number]) => blanks.includes(code);
  const draft = withLaws(writeDraft(problem), isAssumed || isBlank("rate"));
  return {
    ...draft,
    rates: draft.rates.map((rate) =>
      rate.kind === "rate" && isBlank("rate") ? { ...rate, percent: "" } : rate,
    ),
    flows: draft.flows.map((flow) => {
      if (flow.kind === "stream") {
        return {
          ...flow,
          ...(isBlank("payment") ? { amount: "" } : {}),
          ...(isBlank("time") ? { count: "" } : {}),
        };
      }
      const isLater = flow.kind === "single" && flow.id === "later";
      return isLater && isBlank("time") ? { ...flow, at: "" } : flow;
    }),
  };
}

/** What the words say of compounding is kept; what was assumed goes on following the payments. */
function withLaws<Part extends Pick<Draft, "rates">>(part: Part, isAssumed: boolean): Part {
  const rates = part.rates.map((rate) => {
    if (rate.kind !== "rate") return rate;
    const line = { ...rate };
    const isAsPaid = isAssumed && line.quoted === "nominal";
    setQuotation(line, isAsPaid ? AS_PAID : quotationKey(ownQuotation(line)));
    return line;
  });
  return { ...part, rates };
}
