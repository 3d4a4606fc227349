import { expect, test } from "@jest/globals";
import { render, screen, within } from "@testing-library/react";
import { Figures } from "./Figures";

test("the first figure of a row names it, and what is left out is one cell across", () => {
  render(
    <Figures
      heads={["", "Balance", "Interest"]}
      rows={[
        { key: 1, cells: ["today", "100.00", "0.00"] },
        { key: "gap", leftOut: 7 },
        { key: 9, cells: ["after 9 months", "104.00", "0.50"] },
      ]}
    />,
  );
  expect(screen.getAllByRole("columnheader").map((head) => head.textContent)).toEqual([
    "Balance",
    "Interest",
  ]);
  const last = screen.getByRole("row", { name: /^after 9 months/ });
  expect(within(last).getByRole("rowheader").textContent).toBe("after 9 months");
  expect(screen.getByRole("cell", { name: "7 more" }).getAttribute("colspan")).toBe("3");
});
