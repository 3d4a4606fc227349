import { Button } from "antd";
import { useId, useState, type ReactNode } from "react";
import { showNotice } from "../../../ui/notices";
import { fileNameOf, saveAsFile } from "../../../ui/save-as-file";
import { InkChoice } from "../../../ui/InkChoice";
import { useAnswerFormat } from "../../answer/use-answer-format";
import { useDocument, useDocumentState } from "../../document/document-context";
import { csvText } from "../figure-table";
import { useWorkingsStyle } from "../workings/workings-choice";
import { WorkingsChoices } from "../workings/WorkingsChoices";
import { asMarkdown } from "./as-markdown";
import { asPage } from "./as-page";
import { useAuthor, type Author } from "./author";
import type { SheetContent, SheetSection } from "./sheet-content";
import { scheduleTable, variantsTable } from "./tables";
import { timelinePng, timelineSvg } from "./timeline-file";
import { bookOf } from "./workbook-of-parts";
import { WORKBOOK_MEDIA_TYPE, workbookFile } from "./workbook-file";
import { WordButton } from "../../../ui/Buttons";
import styles from "./HandIn.module.css";

/** Who hands in and how it is written, and the ways to take the sheet along. */
export function HandInTools({ content }: { readonly content: SheetContent }) {
  return (
    <>
      <p className={styles.sentence}>
        <AuthorField part="name" words="By" placeholder="your name" />,{" "}
        <AuthorField part="course" words="for" placeholder="the course" />,{" "}
        <WorkingsChoices verb="showing" /> <BesideChoices />
      </p>
      <div className={styles.tools}>
        <Button type="primary" onClick={() => print()}>
          Print or save as PDF
        </Button>
        <Saving content={content} />
      </div>
    </>
  );
}

/** What the sheet has beside the problem, if there is anything. */
function BesideChoices() {
  const store = useDocument();
  const { variants, projects } = useDocumentState(({ draft }) => draft.handIn);
  const hasVariants = useDocumentState(({ draft }) => draft.variants.length > 0);
  const hasProjects = useDocumentState(({ draft }) => draft.appraisal.others.length > 0);
  const choice = (part: "variants" | "projects", isIn: boolean, words: string) => (
    <InkChoice
      label={`Whether the sheet has ${words}`}
      value={isIn ? "in" : "out"}
      options={[
        ["in", `with ${words}`],
        ["out", `without ${words}`],
      ]}
      onChoose={(chosen) =>
        store.edit((draft) => {
          draft.handIn[part] = chosen === "in";
        })
      }
    />
  );
  if (!hasVariants && !hasProjects) return null;
  return (
    <>
      Hand it in {hasVariants && choice("variants", variants, "the variants")}
      {hasVariants && hasProjects && " and "}
      {hasProjects && choice("projects", projects, "the comparison of projects")}.
    </>
  );
}

interface AuthorFieldProps {
  readonly part: keyof Author;
  readonly words: string;
  readonly placeholder: string;
}

function AuthorField({ part, words, placeholder }: AuthorFieldProps) {
  const { author, change } = useAuthor();
  const id = useId();
  return (
    <>
      <label htmlFor={id}>{words}</label>{" "}
      <input
        id={id}
        className={`ink-field ${styles.author ?? ""}`}
        placeholder={placeholder}
        maxLength={200}
        autoComplete={part === "name" ? "name" : "off"}
        value={author[part]}
        onChange={({ target }) => change({ [part]: target.value })}
      />
    </>
  );
}

/** Each kind of file as a word of a sentence. */
function Saving({ content }: { readonly content: SheetContent }) {
  const store = useDocument();
  const choice = useWorkingsStyle();
  const format = useAnswerFormat();
  const hasStream = useDocumentState(
    ({ outcome }) => outcome.problem?.flows.some(({ kind }) => kind === "stream") === true,
  );
  const hasVariants = useDocumentState(({ draft }) => draft.variants.length > 0);
  const { title, credits, question, sections } = content;
  const keep = (ending: string, mediaType: string, made: BlobPart) =>
    saveAsFile(fileNameOf(title, ending), made, mediaType);
  const timelineOf = ({ part, flows }: SheetSection) =>
    timelineSvg(part.draft, part, { title, words: flows }, format);
  /** That of the part that is open, or of the first where that has no answer. */
  const timeline = () => {
    const { outcome } = store.getState();
    const own = sections.find(({ part }) => part.draft.part.label === outcome.draft.part.label);
    const section = own ?? sections[0];
    return section === undefined ? "" : timelineOf(section);
  };
  const keepWorkbook = async () => {
    const { parts } = store.question.getState();
    const head = { title, lines: [credits.join(" · "), question].filter((line) => line !== "") };
    const book = bookOf(parts, head, { rounding: choice.rounding, format });
    if (book === null) return;
    keep(".xlsx", WORKBOOK_MEDIA_TYPE, await workbookFile(book, title));
  };
  const keepSchedule = () => {
    const { solved } = store.getState().outcome;
    if (solved === null) return;
    const made = scheduleTable(solved.problem, format);
    if (made.ok) keep("-schedule.csv", "text/csv", csvText(made.table, format));
    else showNotice({ kind: "failed", text: made.sentence });
  };
  const keepVariants = () => {
    const { draft, outcome } = store.getState();
    keep("-variants.csv", "text/csv", csvText(variantsTable(draft, outcome, format), format));
  };
  return (
    <p className={styles.kept}>
      Save the sheet as a{" "}
      <SaveWord save={() => keep(".html", "text/html", asPage(content, choice, timelineOf))}>
        web page
      </SaveWord>
      , as{" "}
      <SaveWord save={() => keep(".md", "text/markdown", asMarkdown(content, choice))}>
        Markdown with LaTeX
      </SaveWord>{" "}
      or as a <SaveWord save={keepWorkbook}>workbook with live formulas</SaveWord>; the timeline as{" "}
      <SaveWord save={() => keep("-timeline.svg", "image/svg+xml", timeline())}>SVG</SaveWord> or{" "}
      <SaveWord
        save={async () => keep("-timeline.png", "image/png", await timelinePng(timeline()))}
      >
        PNG
      </SaveWord>
      {hasStream && (
        <>
          ; the <SaveWord save={keepSchedule}>schedule as CSV</SaveWord>
        </>
      )}
      {hasVariants && (
        <>
          ; the <SaveWord save={keepVariants}>variants as CSV</SaveWord>
        </>
      )}
      .
    </p>
  );
}

interface SaveWordProps {
  readonly save: () => void | Promise<void>;
  readonly children: ReactNode;
}

/** A word that makes a file; while it is made it can be asked for no second time. */
function SaveWord({ save, children }: SaveWordProps) {
  const [isBusy, setBusy] = useState(false);
  const start = async () => {
    setBusy(true);
    try {
      await save();
    } catch (failure) {
      const why = failure instanceof Error ? ` (${failure.message})` : "";
      showNotice({ kind: "failed", text: `Could not create the file${why}. Try again.` });
    } finally {
      setBusy(false);
    }
  };
  return (
    <WordButton
      disabled={isBusy}
      onClick={() => {
        void start();
      }}
    >
      {children}
    </WordButton>
  );
}
