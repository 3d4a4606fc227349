import {
  labelsOf,
  partsOf,
  pathInWhole,
  type Draft,
  type PartPlace,
} from "@kestrelmoor/core/typing";
import { applyPatches, enablePatches, produceWithPatches, type Patch } from "immer";
import { createStore } from "zustand/vanilla";
import { partStore } from "./part-store";
import type { DocumentStore, QuestionState, QuestionStore, StoryStep } from "./document-store";
import { outcomeAfter, outcomeOf, unseenOutcomeAfter, type Outcome } from "./outcome";

enablePatches();

/** How many steps back a person can go: further than anybody types between opening and closing a problem. */
const DEEPEST_UNDO = 2000;

/** Typing in one field within this time is one step to undo. */
const TYPING_PAUSE_MS = 1200;

/**
 * The document of the problem page: the draft of the whole question, its story, and what each part comes to. What is
 * selected or open is no part of the story, so that undo never moves the view about.
 *
 * The part that is looked at is worked out at once, with those before it; those after it once it has been drawn.
 *
 * @param now for tests: the time in milliseconds
 * @param defer for tests: when that is
 */
export function createQuestionStore(
  first: Draft,
  now: () => number = Date.now,
  defer: (run: () => void) => void = soon,
): QuestionStore {
  const store = createStore<QuestionState>(() => ({
    draft: first,
    parts: outcomesOf(first, [], { open: first.part.label, isWhole: true }),
    open: first.part.label,
    past: [],
    future: [],
  }));

  const become = (draft: Draft, state: Partial<QuestionState>) => {
    const before = store.getState();
    const wanted = state.open ?? before.open;
    const open = labelsOf(draft).includes(wanted) ? wanted : draft.part.label;
    const parts = outcomesOf(draft, before.parts, { open, isWhole: false });
    store.setState({ ...state, draft, parts, open });
    if (draft.later.length > 0 && !isBehind) {
      isBehind = true;
      defer(catchUp);
    }
  };
  let isBehind = false;
  /** Works out the parts that a change has left as they were. */
  const catchUp = () => {
    if (!isBehind) return;
    isBehind = false;
    const { draft, parts, open } = store.getState();
    store.setState({ parts: outcomesOf(draft, parts, { open, isWhole: true }) });
  };

  let isHeld = false;
  const record = (draft: Draft, step: Omit<StoryStep, "at">) => {
    const { past } = store.getState();
    const last = past.at(-1);
    const goesOn =
      step.field !== null &&
      last?.field === step.field &&
      last.opens.forth === step.opens.back &&
      (isHeld || now() - last.at < TYPING_PAUSE_MS);
    const change: StoryStep = goesOn
      ? {
          ...step,
          back: [...step.back, ...last.back],
          forth: [...last.forth, ...step.forth],
          at: now(),
        }
      : { ...step, at: now() };
    const story = goesOn ? [...past.slice(0, -1), change] : [...past, change];
    become(draft, { past: story.slice(-DEEPEST_UNDO), future: [], open: step.opens.forth });
  };

  const editPart: QuestionStore["editPart"] = (label, recipe, field) => {
    // Of a part that nobody looks at the draft may be behind.
    if (label !== store.getState().open) catchUp();
    const { draft, parts } = store.getState();
    const place = placeOf(draft, label);
    const part = parts[place];
    if (part === undefined) return;
    const [, forth, back] = produceWithPatches(part.draft, (writable: Draft) => {
      recipe(writable);
    });
    if (forth.length === 0) return;
    const inWhole = (patch: Patch) => ({ ...patch, path: [...pathInWhole(place, patch.path)] });
    const step = { back: back.map(inWhole), forth: forth.map(inWhole), field: field ?? null };
    record(applyPatches(draft, step.forth), { ...step, opens: { back: label, forth: label } });
  };

  const editWhole: QuestionStore["editWhole"] = (recipe, open) => {
    const { draft, open: before } = store.getState();
    const [next, forth, back] = produceWithPatches(draft, (writable: Draft) => {
      recipe(writable);
    });
    if (forth.length === 0) return;
    record(next, { back, forth, field: null, opens: { back: before, forth: open ?? before } });
  };

  const settle = () => {
    isHeld = false;
    const { past } = store.getState();
    const last = past.at(-1);
    if (last === undefined || last.field === null) return;
    store.setState({ past: [...past.slice(0, -1), { ...last, field: null }] });
  };

  const undo = () => {
    const { draft, past, future } = store.getState();
    const change = past.at(-1);
    if (change === undefined) return;
    become(applyPatches(draft, change.back), {
      past: past.slice(0, -1),
      future: [{ ...change, field: null }, ...future],
      open: change.opens.back,
    });
  };

  const redo = () => {
    const { draft, past, future } = store.getState();
    const [change, ...later] = future;
    if (change === undefined) return;
    become(applyPatches(draft, change.forth), {
      past: [...past, { ...change, field: null }],
      future: later,
      open: change.opens.forth,
    });
  };

  const replace = (draft: Draft) => {
    editWhole((writable) => {
      // The one that a draft may leave out must not stay behind.
      delete writable.currency;
      Object.assign(writable, draft);
    });
  };

  const stores = new Map<string, DocumentStore>();
  const question: QuestionStore = {
    ...store,
    editPart,
    editWhole,
    hold: () => {
      isHeld = true;
    },
    settle,
    undo,
    redo,
    replace,
    open: (label) => {
      catchUp();
      store.setState({ open: label });
    },
    part: (label) => {
      const known = stores.get(label) ?? partStore(question, label);
      stores.set(label, known);
      return known;
    },
  };
  return question;
}

export function placeOf(draft: Draft, label: string): number {
  return labelsOf(draft).indexOf(label);
}

/** Does something once the open part has been drawn, in the same picture. */
function soon(run: () => void): void {
  setTimeout(run);
}

/**
 * What each part comes to; one that is what it was keeps its draft, and with it all that is known of it.
 *
 * @param isWhole whether the parts after the open one are worked out too, or stay what they were
 */
function outcomesOf(
  whole: Draft,
  before: readonly Outcome[],
  { open, isWhole }: { readonly open: string; readonly isWhole: boolean },
): Outcome[] {
  const labels = labelsOf(whole);
  const last = isWhole ? labels.length : labels.indexOf(open);
  const parts: Outcome[] = [];
  for (const [index, draft] of partsOf(whole).entries()) {
    const { label } = draft.part;
    const was = before.find((one) => one.draft.part.label === label);
    if (was !== undefined && index > last) {
      parts.push(was);
      continue;
    }
    const place: PartPlace = { label, labels, before: [...parts] };
    const after = label === open ? outcomeAfter : unseenOutcomeAfter;
    parts.push(
      was === undefined
        ? outcomeOf(draft, place)
        : after(was, isSame(was.draft, draft) ? was.draft : draft, place),
    );
  }
  return parts;
}

/** Whether two drafts of one part hold the very same things; their own parts there are none. */
function isSame(one: Draft, other: Draft): boolean {
  const keys = new Set([...Object.keys(one), ...Object.keys(other)]) as Set<keyof Draft>;
  return [...keys].every((key) => key === "later" || one[key] === other[key]);
}
