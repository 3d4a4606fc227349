import { expect, test as base, type Locator, type Page } from "@playwright/test";
import { Application } from "./application";
import { chooseFromMenu } from "./choose-from-menu";

interface WorkerFixtures {
  /** One running application for all tests of a worker; each test is a new guest in it. */
  readonly application: Application;
  readonly demo: Demo;
}

/** The problems of the demo notebook: the path of each by its title. */
type Demo = ReadonlyMap<string, string>;

interface TestFixtures {
  readonly moor: Moor;
}

/** What a person does on the pages, in their words. */
export class Moor {
  constructor(
    readonly page: Page,
    readonly url: string,
    readonly demo: Demo,
  ) {}

  async openNotebook(): Promise<void> {
    await this.page.goto(this.url);
    await expect(this.page.getByRole("heading", { name: "Your problems" })).toBeVisible();
    await expect(this.page.getByRole("article").first()).toBeVisible();
  }

  /** Back from a problem as a person goes, without loading the pages anew. */
  async returnToNotebook(): Promise<void> {
    await this.page.getByRole("link", { name: "Notebook", exact: true }).click();
    await expect(this.page.getByRole("article").first()).toBeVisible();
  }

  /** Starts a new problem from a shape and waits until it can be typed in. */
  async startProblem(shape: string): Promise<void> {
    await this.openNotebook();
    await this.page.getByRole("button", { name: new RegExp(`^${shape}`) }).click();
    await expect(this.rate).toBeVisible();
  }

  /** Opens a problem of the demo notebook by its address, as from a bookmark. */
  async openProblem(title: string): Promise<void> {
    const path = this.demo.get(title);
    if (path === undefined) throw new Error(`The demo notebook has no problem “${title}”`);
    await this.page.goto(`${this.url}${path}`);
    await expect(this.answer).toBeVisible();
  }

  amount(index: number): Locator {
    return this.page
      .getByRole("textbox", { name: /^Amount of (?:each payment of )?money/ })
      .nth(index);
  }

  howLong(index: number): Locator {
    return this.page.getByRole("textbox", { name: /^Number of payments or time/ }).nth(index);
  }

  when(index: number): Locator {
    return this.page.getByRole("textbox", { name: "When", exact: true }).nth(index);
  }

  get rate(): Locator {
    return this.page.getByRole("textbox", { name: "Rate", exact: true });
  }

  get answer(): Locator {
    return this.page.getByRole("region", { name: "Answer" });
  }

  get figure(): Locator {
    return this.answer.getByRole("strong");
  }

  get workings(): Locator {
    return this.page.getByRole("region", { name: "Workings" });
  }

  /** Adds a follow-up question from the list, and types when it is asked for. */
  async askFurther(question: RegExp, when?: string): Promise<void> {
    await this.page.getByRole("button", { name: "Ask a follow-up" }).click();
    await chooseFromMenu(this.page, question);
    if (when === undefined) return;
    await expect(this.answer.locator("input:focus")).toBeVisible();
    await this.page.keyboard.type(when);
  }

  async addSum(text: string): Promise<void> {
    await this.page.getByRole("button", { name: "Add a calculation" }).click();
    await expect(this.answer.locator("input:focus")).toBeVisible();
    await this.page.keyboard.type(text);
  }

  /** Replaces what is in a field, at once: each key in between would be worked out and drawn as well. */
  async type(field: Locator, text: string): Promise<void> {
    await this.replaceAll(field);
    await this.page.keyboard.insertText(text);
  }

  /** The same key by key, where what happens in between matters. */
  async typeKeyByKey(field: Locator, text: string): Promise<void> {
    await this.replaceAll(field);
    await field.pressSequentially(text);
  }

  private async replaceAll(field: Locator): Promise<void> {
    await field.click();
    await field.press("ControlOrMeta+a");
  }

  async expectAnswer(text: string | RegExp): Promise<void> {
    await expect(this.figure.first()).toHaveText(text);
  }

  async expectSaved(): Promise<void> {
    await expect(this.page.locator("[data-save-state=saved]")).toBeVisible({ timeout: 15_000 });
  }
}

export const test = base.extend<TestFixtures, WorkerFixtures>({
  application: [
    // Playwright reads the names of what a fixture needs from its first parameter.
    // eslint-disable-next-line no-empty-pattern
    async ({}, use) => {
      const application = await Application.create();
      await use(application);
      await application.remove();
    },
    { scope: "worker", timeout: 180_000 },
  ],
  demo: [
    async ({ application }, use) => {
      const reply = await fetch(`${application.url}/api/problems?pageSize=100`);
      const { items } = (await reply.json()) as { items: { id: string; title: string }[] };
      await use(new Map(items.map(({ id, title }) => [title, `/problems/${id}`])));
    },
    { scope: "worker" },
  ],
  moor: async ({ page, application, demo }, use) => {
    const faults: string[] = [];
    page.on("pageerror", (error) => faults.push(error.message));
    page.on("console", (message) => {
      // Whatever the security policy refuses, and whatever React complains of, is a fault.
      if (/Content Security Policy|Warning:|Minified React/.test(message.text())) {
        faults.push(message.text());
      }
    });
    await use(new Moor(page, application.url, demo));
    expect(faults).toEqual([]);
  },
});

export { expect } from "@playwright/test";
