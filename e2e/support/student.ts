import { setTimeout as pause } from "node:timers/promises";

/** A student at the interface, without a browser: saves, solves and marks, and repeats what got no answer. */
export class Student {
  /** What was acknowledged last: the title that the server said it has. */
  acknowledged = "";
  private cookie = "";
  private id = "";
  private version = 0;
  private saves = 0;

  constructor(
    private readonly url: string,
    private readonly name: string,
    private readonly draft: object,
    /** Told of every answer and of every call without one. */
    private readonly onCall: (call: Call) => void = () => undefined,
  ) {}

  /** Comes in, and keeps a first problem. */
  async begin(): Promise<void> {
    const first = await this.ask("look", "GET", "/api/problems");
    this.cookie = first.cookie ?? this.cookie;
    const { body } = await this.untilAnswered("save", "POST", "/api/problems", this.text());
    const { id, version, title } = body as { id: string; version: number; title: string };
    [this.id, this.version, this.acknowledged] = [id, version, title];
  }

  /** Saves once more. After a lost answer the server may have the text already: then it is done. */
  async save(): Promise<void> {
    this.saves += 1;
    const path = `/api/problems/${this.id}`;
    const { status, body } = await this.untilAnswered("save", "PUT", path, this.text());
    const current = status === 412 ? (body as { current: object }).current : body;
    const { version, title } = current as { version: number; title: string };
    if (status !== 200 && title !== this.title())
      throw new Error(`${status}: ${JSON.stringify(body)}`);
    [this.version, this.acknowledged] = [version, title];
  }

  async solve(problem: object): Promise<void> {
    await this.untilAnswered("solve", "POST", "/api/solve", problem);
  }

  async mark(problem: object): Promise<void> {
    await this.untilAnswered("mark", "POST", "/api/mark", { problem, claimed: "1,234.56" });
  }

  /** What the server has. */
  async stored(): Promise<string> {
    const { body } = await this.untilAnswered("look", "GET", `/api/problems/${this.id}`);
    return (body as { title: string }).title;
  }

  private title(): string {
    return `${this.name}, save ${this.saves}`;
  }

  private text(): object {
    return { draft: { ...this.draft, title: this.title() } };
  }

  private async untilAnswered(
    what: Call["what"],
    method: string,
    path: string,
    body?: object,
  ): Promise<Answer> {
    for (let tries = 0; tries < 120; tries += 1) {
      const answer = await this.ask(what, method, path, body);
      if (answer.status !== 0 && answer.status < 500 && answer.status !== 429) return answer;
      await pause(250);
    }
    throw new Error(`${method} ${path} got no answer`);
  }

  private async ask(
    what: Call["what"],
    method: string,
    path: string,
    body?: object,
  ): Promise<Answer> {
    const began = performance.now();
    try {
      const reply = await fetch(`${this.url}${path}`, {
        method,
        headers: {
          Cookie: this.cookie,
          ...(body === undefined ? {} : { "Content-Type": "application/json" }),
          ...(method === "PUT" ? { "If-Match": `"${this.version}"` } : {}),
        },
        ...(body === undefined ? {} : { body: JSON.stringify(body) }),
        signal: AbortSignal.timeout(20_000),
      });
      const text = await reply.text();
      this.onCall({ what, status: reply.status, took: performance.now() - began });
      const [cookie] = reply.headers.getSetCookie();
      const parsed = reply.headers.get("Content-Type")?.includes("json") === true;
      return {
        status: reply.status,
        body: parsed ? (JSON.parse(text) as unknown) : null,
        ...(cookie === undefined ? {} : { cookie: cookie.split(";")[0] ?? "" }),
      };
    } catch {
      this.onCall({ what, status: 0, took: performance.now() - began });
      return { status: 0, body: null };
    }
  }
}

export interface Call {
  readonly what: "look" | "save" | "solve" | "mark";
  /** 0 for a call without an answer. */
  readonly status: number;
  /** Milliseconds. */
  readonly took: number;
}

interface Answer {
  readonly status: number;
  readonly body: unknown;
  readonly cookie?: string;
}
