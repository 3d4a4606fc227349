import { readdirSync, readFileSync } from "node:fs";
import { join } from "node:path";
import { expect, test } from "@jest/globals";
import { proseIn } from "./prose-in.mjs";

const ROOT = process.cwd();

/** Terms that the glossary replaced, and what to write instead. */
const REPLACED = [
  [/\breckon|\bcounted (?:for|against|with)\b/i, "calculate"],
  [/\bmend(?:s|ed)?\b/i, "correct, fix"],
  [/\bjudge[ds]?\b/i, "appraise, evaluate"],
  [/\bslips?\b/i, "mistake"],
  [/\bsought\b|\bis asked\b|\basked for\b/i, "the unknown"],
  [/\bsearched? for\b/i, "solve numerically"],
  [/\bstraight line\b/i, "linear interpolation"],
  [/\brunning totals?\b/i, "cumulative cash flow"],
  [/\bresidual\b(?!\))/i, "balloon payment"],
  [/\blaid out\b|\bfirst outlay\b/i, "initial outlay"],
  [/\bput (?:in|to work)\b|\btaken out\b/i, "invest, deposit, withdraw"],
  [/\bowed (?:before|after|then)\b|\bthere (?:before|after|then)\b|\bwhat is there\b/i, "balance"],
  [/\bleft at the end\b|\bsaved then\b/i, "closing balance"],
  [/\bworth\b(?! (?:today|in|after))|\b(?:is|all) worth today\b|\bworth today$/i, "value"],
  [/\b(?:below|at|to|than|reaches) nothing\b|\bis nothing\b/i, "zero"],
  [/\bagainst you\b|\bin your favour\b|\bcounts? for\b/i, "signed net value"],
  [/\bturn(?:s|ed)? (?:it |its |the money )?(?:round|way)\b/i, "switch direction"],
  [/\bmoney (?:is|comes) back\b|\bnever comes back\b/i, "recover the outlay"],
  [/\bshared out\b|\bwithout pause\b|\bnever pauses\b/i, "compounded"],
  [/\b(?:how often|that) interest is added\b|\badding interest\b/i, "compounded, credited"],
  [/\bsaid otherwise\b|\bgrows just as fast\b/i, "equivalent rate"],
  [/\beffective (?:yearly|a year)\b|\ball compounding included\b/i, "effective annual rate"],
  [/\bmodified rate of return\b/i, "modified internal rate of return"],
  [/\bequivalent annual amount\b/i, "equivalent annual annuity"],
  [/\bside sums?\b/i, "calculation"],
  [/\bfurther questions?\b|\bask further\b/i, "follow-up question"],
  [/\b(?:this|another|the) shape\b/i, "problem type"],
  [/\bat one date\b|\bone date,/i, "focal date"],
  [/\bpaid in all\b|\bin all[.,]/i, "total"],
  [/\bthe last one of\b|\ba last one\b/i, "final payment"],
  [/\bbring (?:it |each )?back to today\b/i, "discount"],
  [/\blooking (?:back|forward)\b/i, "retrospective, prospective"],
];

/** Forms of words that the voice rules out. */
const BANNED = [
  [/[\dX)][\s\u00a0]%/, "close up the percent sign"],
  [/\b(?:in |per cent|a )percent\b/i, "%, or “as a percentage”"],
  [/[a-z] …/, "close up the ellipsis"],
  [/\b(?:is|are) the (?:most|least)\b/i, "“The limit is …”"],
  [/\bnot understood\b/i, "“Cannot read …”"],
  [/\bis no (?:amount|date|text|number|loan)\b/i, "“is not an amount”"],
  [
    /\bjust (?:now|as|the)\b|\bbesides\b|\bmeanwhile\b|\bof its own\b|\bby itself\b/i,
    "leave it out",
  ],
  [/\bOnce (?:the|a|every|payments)\b/, "“When …”"],
  [
    /\bhangs? (?:on|from)\b|\bput (?:it|the numbers) (?:back )?in\b|\bwork it out\b/i,
    "say it plainly",
  ],
  [
    /\b(?:do|does|is|are|can|has|have|will|would)n['’]t\b|\b(?:it|that|you)['’](?:s|re|ll)\b/i,
    "no contractions",
  ],
  [/\bsemi-?annual|\bbi-?weekly\b/i, "half-yearly, fortnightly"],
];

/** Words that are typed, not shown, and the names of things in files and addresses. */
const READ_NOT_SHOWN = [
  "core/src/typing/input/",
  "core/src/question/facts/",
  "core/src/question/marks/",
  "core/src/question/asked/",
  "core/src/engine/problem/",
  "core/src/engine/documents/",
  "core/src/typing/draft/sums/",
  "server/src/db/",
];

function faultsIn(prose) {
  return prose.flatMap(({ place, text }) =>
    [...REPLACED, ...BANNED].flatMap(([pattern, better]) =>
      pattern.test(text) ? [`${place}: “${text}”. Better: ${better}.`] : [],
    ),
  );
}

test.each(["core/src", "web/src", "server/src", "contract/src"])(
  "%s speaks the trade's English",
  (folder) => {
    const prose = proseIn(ROOT, folder).filter(
      ({ place }) => !READ_NOT_SHOWN.some((start) => place.startsWith(start)),
    );
    expect(prose.length).toBeGreaterThan(20);
    expect(faultsIn(prose)).toEqual([]);
  },
);

test("the demo problems do", () => {
  const folder = join(ROOT, "demo/problems");
  const prose = readdirSync(folder).flatMap((name) => {
    const { title = "", question = "" } = JSON.parse(readFileSync(join(folder, name), "utf8"));
    return [
      { place: `${name}, title`, text: title },
      { place: `${name}, question`, text: question },
    ];
  });
  expect(faultsIn(prose.filter(({ text }) => text !== ""))).toEqual([]);
});

test.each([
  "The rate for one month: the yearly rate is shared out over the 12 periods of a year.",
  "Here the running total falls below nothing again afterwards, and stays there.",
  "“x” is not understood here. Type an amount such as 4,500 or 15*12, or ? to find it.",
  "No rate above −100 % makes these amounts balance.",
  "Today it is all worth 7,718.47 against you.",
  "Setting the formulas …",
])("the guard stops an old sentence: %s", (text) => {
  expect(faultsIn([{ place: "here", text }])).not.toEqual([]);
});
