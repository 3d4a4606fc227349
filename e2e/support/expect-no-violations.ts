import { AxeBuilder } from "@axe-core/playwright";
import { expect, type Page } from "@playwright/test";

/** @param part where the rest of the page has been gone over already */
export async function expectNoViolations(page: Page, part = "html"): Promise<void> {
  const { violations } = await new AxeBuilder({ page })
    .include(part)
    // In one frame; the other way opens a page of its own to gather what frames of other sites have found.
    .setLegacyMode()
    .withTags(["wcag2a", "wcag2aa", "wcag21a", "wcag21aa", "wcag22aa", "best-practice"])
    .analyze();
  expect(
    violations.map(
      ({ id, nodes }) => `${id}: ${nodes.map(({ html }) => html.slice(0, 160)).join(" | ")}`,
    ),
  ).toEqual([]);
}
