import { SHAPES } from "@kestrelmoor/core/typing";
import { expect, test } from "@playwright/test";
import { report } from "../bench/report";
import { Application } from "../support/application";

const DRAFTS = 60;

test(`${DRAFTS} drafts of a megabyte are listed at once`, async () => {
  const application = await Application.create();
  try {
    const [shape] = SHAPES.filter(({ id }) => id === "uneven");
    const draft = shape?.picture();
    if (draft === undefined) throw new Error("There is such a problem type");
    const [line] = draft.flows;
    const amounts = "1,234,567.89; ".repeat(7000).slice(0, 99_000);
    const flows = Array.from({ length: 10 }, (_, index) => ({
      ...line,
      id: `list${index}`,
      kind: "list",
      label: "",
      every: "year",
      begins: "today",
      amounts,
    }));
    let cookie = "";
    const call = async (path: string, body?: object) => {
      const reply = await fetch(`${application.url}${path}`, {
        method: body === undefined ? "GET" : "POST",
        headers: { "Content-Type": "application/json", Cookie: cookie },
        ...(body === undefined ? {} : { body: JSON.stringify(body) }),
      });
      cookie = reply.headers.getSetCookie()[0]?.split(";")[0] ?? cookie;
      const text = await reply.text();
      expect(reply.status, text.slice(0, 200)).toBeLessThan(300);
      return text;
    };
    await call("/api/problems");
    const saving = performance.now();
    for (let count = 0; count < DRAFTS; count += 1) {
      await call("/api/problems", { draft: { ...draft, flows, title: `Long ${count}` } });
    }
    report(
      "saving a draft of a megabyte",
      `${((performance.now() - saving) / DRAFTS).toFixed(0)} ms`,
    );
    const times: number[] = [];
    let size = 0;
    for (let look = 0; look < 20; look += 1) {
      const began = performance.now();
      size = (await call("/api/problems?pageSize=60")).length;
      times.push(performance.now() - began);
    }
    times.sort((one, other) => one - other);
    report(
      `listing ${DRAFTS} of them`,
      `median ${(times[10] ?? 0).toFixed(0)} ms, ${(size / 1000).toFixed(0)} kB`,
    );
  } finally {
    await application.remove();
  }
});
