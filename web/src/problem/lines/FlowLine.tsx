import { useShownState } from "../answer/covered";
import { useAnswerFormat } from "../answer/use-answer-format";
import { flowOfUnknown, type SolvedProblem } from "@kestrelmoor/core";
import {
  fieldsOfFlow,
  readingsOfFlow,
  removeFlow,
  setGrowth,
  type FlowLine as Line,
  type FlowReading,
} from "@kestrelmoor/core/typing";
import { memo, type ReactNode } from "react";
import { useDocumentState } from "../document/document-context";
import { AmountsFromFile } from "./AmountsFromFile";
import { GrowthByButton, TimingButton } from "./ChoiceButtons";
import { DirectionButton } from "./DirectionButton";
import { EndAsked } from "./EndAsked";
import { factsFor, flowHint } from "./flow-hint";
import { flowSentence } from "./flow-sentences";
import { KeptLine } from "./KeptLine";
import { LineField } from "./LineField";
import { LineFrame } from "./LineFrame";
import { LineMenu } from "./LineMenu";
import { LineNote } from "./LineNote";
import { Sentence } from "./Sentence";
import { useFieldEditing } from "./use-line-editing";

interface FlowLineProps {
  readonly line: Line;
  readonly index: number;
}

type TypedLine = Exclude<Line, { kind: "kept" }>;

const NAMES: Readonly<Record<TypedLine["kind"], string>> = {
  single: "Money",
  stream: "Repeated money",
  list: "Uneven cash flows",
  dated: "Amounts on dates",
};

/** One flow of any kind, as a sentence. */
export const FlowLine = memo(function FlowLine({ line, index }: FlowLineProps) {
  const format = useAnswerFormat();
  const reading = useDocumentState((state) => state.outcome.reading.flows[index]);
  const rates = useDocumentState((state) => state.outcome.reading.rates);
  const calendar = useDocumentState((state) => state.outcome.reading.calendar);
  const dayCount = useDocumentState((state) => state.draft.conventions.dayCount);
  // Only what this line shows, so that an answer elsewhere does not draw it anew.
  const facts = useShownState(({ outcome }) => factsFor(outcome.solved, line, index));
  const solution = useShownState(({ outcome: { solved } }) =>
    solved !== null && flowOfUnknown(solved.unknown) === index ? solved : null,
  );
  const { change } = useFieldEditing();
  if (line.kind === "kept") return <KeptLine line={line} />;
  if (reading?.kind !== line.kind) return null;
  const { id, label } = line;
  const direction = "direction" in line ? line.direction : null;
  const name = [
    `${NAMES[line.kind]}${direction === null ? "" : ` ${direction}`}`,
    ...(label === "" ? [] : [label]),
  ].join(", ");
  return (
    <LineFrame
      mark={direction ?? "mixed"}
      name={name}
      hint={flowHint(line, reading, { facts, rates, calendar, dayCount, format })}
      note={<LineNote id={id} index={index} label={label} />}
      menu={<FlowMenu {...{ line, index, name }} />}
      asked={line.kind === "single" && <EndAsked id={id} direction={line.direction} />}
      onRemove={() => change((draft) => removeFlow(draft, id))}
      place={`flow ${index}`}
    >
      <FlowSentence {...{ line, index, reading, solution }} />
    </LineFrame>
  );
});

/** The field of each kind of line to begin with. */
const FIRST_FIELDS: Readonly<Record<TypedLine["kind"], string>> = {
  single: "amount",
  stream: "amount",
  list: "amounts",
  dated: "entries",
};

interface FlowMenuProps {
  readonly line: TypedLine;
  readonly index: number;
  readonly name: string;
}

function FlowMenu({ line, index, name }: FlowMenuProps) {
  const { id, kind } = line;
  const grows = kind === "stream" && line.growth !== null;
  const growth = {
    words: grows ? "Remove growth" : "Add growth",
    act: (draft: Parameters<typeof setGrowth>[0]) => setGrowth(draft, id, !grows),
  };
  return (
    <LineMenu
      {...{ id, index, name }}
      firstField={FIRST_FIELDS[kind]}
      actions={kind === "stream" ? [growth] : []}
    />
  );
}

interface FlowSentenceProps {
  readonly line: TypedLine;
  readonly index: number;
  readonly reading: FlowReading;
  readonly solution: SolvedProblem | null;
}

function FlowSentence({ line, index, reading, solution }: FlowSentenceProps) {
  const { typeList } = useFieldEditing();
  const fields = fieldsOfFlow(line, index);
  const came = readingsOfFlow(reading, index);
  const every = "every" in reading && reading.every.state === "value" ? reading.every.value : null;
  const field = (name: string): ReactNode => {
    const [own, its] = [
      fields.find((one) => one.name === name),
      came.find(({ ref }) => ref.field === name),
    ];
    return own === undefined || its === undefined ? null : (
      <LineField field={own} came={its} solution={solution} every={every} />
    );
  };
  const part = (name: string): ReactNode => {
    switch (name) {
      case "direction":
        return "direction" in line && <DirectionButton id={line.id} direction={line.direction} />;
      case "timing":
        return (
          line.kind === "stream" &&
          reading.kind === "stream" && <TimingButton {...{ line, index }} every={reading.every} />
        );
      case "growth-by":
        return line.kind === "stream" && <GrowthByButton {...{ line, index }} />;
      case "file": {
        const list = fields.find((one) => one.name === "amounts" || one.name === "entries");
        return (
          list !== undefined && (
            <AmountsFromFile
              as={list.name === "entries" ? "dated" : "amounts"}
              onTake={(text) => typeList(list, text)}
            />
          )
        );
      }
      default:
        return field(name);
    }
  };
  return <Sentence words={flowSentence(reading)} part={part} />;
}
