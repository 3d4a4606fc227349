import { describe, expect, test } from "@jest/globals";
import fc from "fast-check";
import { readMoney } from "../../input/read-money";
import { collection } from "./collection";
import { firstTexts, readEntry, textsSchema, valuesOf } from "./entry-field";

interface Shelf {
  jars: { readonly id: string; honey: string }[];
}

const JARS = collection<Shelf, Shelf["jars"][number]>({
  stem: "jar",
  most: 4,
  in: ({ jars }) => jars,
});

describe("a collection", () => {
  type Step = { readonly does: "add" } | { readonly does: "remove" | "edit"; readonly at: number };
  const steps = fc.array(
    fc.oneof(
      fc.constant<Step>({ does: "add" }),
      fc.record({
        does: fc.constantFrom("remove" as const, "edit" as const),
        at: fc.integer({ min: 0, max: 6 }),
      }),
    ),
    { maxLength: 40 },
  );

  test("does what a plain list does, and never has an id twice or one too many", () => {
    fc.assert(
      fc.property(steps, (all) => {
        const shelf: Shelf = { jars: [] };
        let plain: string[] = [];
        all.forEach((step, number) => {
          const honey = `honey ${number}`;
          if (step.does === "add") {
            const added = JARS.add(shelf, { honey });
            expect(added === null).toBe(plain.length === JARS.most);
            if (added !== null) plain.push(honey);
            return;
          }
          const id = shelf.jars[step.at]?.id ?? "jar-of-nobody";
          if (step.does === "remove") {
            JARS.remove(shelf, id);
            plain = plain.filter((_, place) => place !== step.at);
          } else {
            JARS.edit(shelf, id, (jar) => (jar.honey = honey));
            plain = plain.map((own, place) => (place === step.at ? honey : own));
          }
        });
        expect(shelf.jars.map(({ honey }) => honey)).toEqual(plain);
        expect(new Set(shelf.jars.map(({ id }) => id)).size).toBe(plain.length);
      }),
    );
  });
});

describe("the fields of an entry", () => {
  const FIELDS = {
    price: { label: "Price", hint: "5", first: "5", read: readMoney },
    fee: { label: "Fee", hint: "0", read: readMoney, empty: (usual: number) => usual },
    notes: { label: "Notes", hint: "none", read: readMoney, empty: () => null },
  } as const;

  test("begin with what stands in them at first, and are kept as texts", () => {
    expect(firstTexts(FIELDS)).toEqual({ price: "5", fee: "", notes: "" });
    expect(Object.keys(textsSchema(FIELDS))).toEqual(["price", "fee", "notes"]);
    expect(textsSchema(FIELDS).fee.safeParse("x".repeat(201)).success).toBe(false);
  });

  test.each([
    ["figures", { price: "1,200", fee: "3", notes: "4" }, { price: 1200, fee: 3, notes: 4 }],
    [
      "nothing where it may be",
      { price: "2", fee: " ", notes: "" },
      { price: 2, fee: 7, notes: null },
    ],
    [
      "nothing where something has to be",
      { price: "", fee: "", notes: "" },
      { price: null, fee: 7, notes: null },
    ],
  ])("say %s", (_, texts, wanted) => {
    expect(valuesOf<typeof FIELDS>(readEntry(FIELDS, texts, 7))).toEqual(wanted);
  });

  test("cannot be the unknown, and say what is wrong", () => {
    const { price, fee } = readEntry(FIELDS, { price: "?", fee: "much", notes: "" }, 7);
    expect(price).toMatchObject({ state: "issue", issue: { code: "known-only" } });
    expect(fee).toMatchObject({ state: "issue", issue: { code: "money-not-understood" } });
  });
});
