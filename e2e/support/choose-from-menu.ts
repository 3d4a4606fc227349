import { expect, type Page } from "@playwright/test";

/**
 * Clicks an item of an open menu once it is in its place. Before that it is off the screen, where a click would
 * scroll the page to find it, and the menu would go along.
 */
export async function chooseFromMenu(page: Page, name: string | RegExp): Promise<void> {
  const item = page.getByRole("menuitem", { name }).filter({ visible: true });
  await expect(item).toBeInViewport({ ratio: 1 });
  await item.click();
}
