import { expect, test } from "@jest/globals";
import { readDraft, SHAPES, type Draft } from "@kestrelmoor/core/typing";
import { render, screen } from "@testing-library/react";
import userEvent from "@testing-library/user-event";
import { produce } from "immer";
import { useStore } from "zustand";
import { DocumentProvider } from "../document/document-context";
import type { DocumentStore } from "../document/document-store";
import { createQuestionStore } from "../document/question-store";
import { CompoundingAsked } from "./CompoundingAsked";

/** A loan paid each month, whose rate says nothing, or something, of how it is compounded. */
function loan(compounding: string, compoundedBy: "payments" | "words" | "before"): Draft {
  const shape = SHAPES.find(({ id }) => id === "paying-back");
  if (shape === undefined) throw new Error("There is a type of loans");
  return produce(shape.picture(), (draft) => {
    const [rate] = draft.rates;
    if (rate?.kind === "rate") Object.assign(rate, { percent: "6%", compounding, compoundedBy });
  });
}

function Asked({ store }: { readonly store: DocumentStore }) {
  const draft = useStore(store, (state) => state.draft);
  const reading = readDraft(draft).rates[0];
  if (reading === undefined) throw new Error("There is a rate");
  return (
    <CompoundingAsked
      reading={reading}
      onEdit={(recipe) =>
        store.edit((own) => {
          const [line] = own.rates;
          if (line?.kind === "rate") recipe(line);
        })
      }
    />
  );
}

function shown(draft: Draft): DocumentStore {
  const store = createQuestionStore(draft).part("a");
  render(
    <DocumentProvider value={store}>
      <Asked store={store} />
    </DocumentProvider>,
  );
  return store;
}

test("a rate that goes with the payments, or says it itself, is not asked about", () => {
  shown(loan("P1M", "payments"));
  shown(loan("P1Y", "words"));
  expect(screen.queryByRole("status")).toBeNull();
});

test("an earlier problem whose rate differs from its payments is asked about, and goes on as one says", async () => {
  const user = userEvent.setup();
  const store = shown(loan("P1Y", "before"));
  expect(screen.getByRole("status").textContent).toMatch(/Is that right\?/);
  await user.click(screen.getByRole("button", { name: "Keep yearly" }));
  expect(screen.queryByRole("status")).toBeNull();
  expect(store.getState().draft.rates[0]).toMatchObject({
    compounding: "P1Y",
    compoundedBy: "words",
  });
});
