import { describe, expect, test } from "@jest/globals";
import { BLANK_DRAFT, MOST_OTHER_PROJECTS, type Draft } from "../draft";
import { addProject, PROJECTS } from "./projects";
import { readAppraisal, readProject } from "./read-appraisal";

const project = (amounts: string, every = "year") => ({
  id: "project-1",
  name: "",
  every,
  amounts,
});

describe("what a project is measured by", () => {
  const typed = { hurdle: "", reinvest: "", budget: "", others: [] };

  test("nothing typed is nothing said", () => {
    expect(readAppraisal(typed).hurdle).toEqual({ state: "value", value: null });
  });

  test.each([
    ["8", 8],
    ["6 3/8%", 6.375],
    ["8% a year", 8],
    ["2% per quarter", 8.243216],
    ["-5%", -5],
  ])("%s is a yearly rate", (hurdle, percent) => {
    const { hurdle: read } = readAppraisal({ ...typed, hurdle });
    expect(read.state === "value" && read.value).toBeCloseTo(percent, 9);
  });

  test.each([
    ["-100%", "rate-too-low"],
    ["-250", "rate-too-low"],
    ["?", "known-only"],
    ["much", "percent-not-understood"],
  ])("%s is told", (hurdle, code) => {
    expect(readAppraisal({ ...typed, hurdle }).hurdle).toMatchObject({ issue: { code } });
  });

  test("a budget is money", () => {
    expect(readAppraisal({ ...typed, budget: "40k" }).budget).toEqual({
      state: "value",
      value: 40_000,
    });
  });
});

describe("another project", () => {
  test("is typed as amounts one after the other", () => {
    expect(readProject(project('out 1,000 "press"; 300 x 2', "half-year")).flows).toEqual([
      { at: 0, amount: -1000, label: "" },
      { at: 0.5, amount: 300, label: "" },
      { at: 1, amount: 300, label: "" },
    ]);
  });

  test("or with dates, in any order and twice on a day", () => {
    const text = "2027-01-01 out 1,000; 2029-01-01 300; 2028-01-01 200; 2028-01-01 50";
    expect(readProject(project(text)).flows?.map(({ amount }) => amount)).toEqual([
      -1000, 250, 300,
    ]);
  });

  test.each([
    ["out 5; some; 7", "entry-not-understood"],
    ["out 5; ?", "known-only"],
    ["2027-01-01 out 5; 2027-02-30 7", "date-impossible"],
    ["2027-01-01 out 5; 7", "dated-not-understood"],
    ["", "amounts-missing"],
  ])("%s is told", (amounts, code) => {
    const read = readProject(project(amounts));
    expect(read.amounts).toMatchObject({ state: "issue", issue: { code } });
    expect(read.flows).toBeNull();
  });

  test("a period that cannot be read is told at its own field", () => {
    const read = readProject(project("out 5; 7", "blue moon"));
    expect(read.every.state).toBe("issue");
    expect(read.flows).toBeNull();
  });
});

test("projects are added up to the most, typed into and taken away", () => {
  const draft: Draft = {
    ...BLANK_DRAFT,
    appraisal: { ...BLANK_DRAFT.appraisal, others: [] },
  };
  const ids = Array.from({ length: MOST_OTHER_PROJECTS + 1 }, () => addProject(draft)?.id);
  expect(ids.at(-1)).toBeUndefined();
  expect(new Set(ids).size).toBe(MOST_OTHER_PROJECTS + 1);
  PROJECTS.edit(draft, ids[1] ?? "", (project) => (project.amounts = "out 1; 2"));
  PROJECTS.remove(draft, ids[0] ?? "");
  expect(draft.appraisal.others[0]).toMatchObject({ amounts: "out 1; 2" });
  expect(draft.appraisal.others).toHaveLength(MOST_OTHER_PROJECTS - 1);
});
