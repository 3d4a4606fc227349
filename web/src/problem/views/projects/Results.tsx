import type { AnswerFormat } from "@kestrelmoor/core";
import { Stroke } from "../../../charts/Stroke";
import { useDocumentState } from "../../document/document-context";
import { SaveCsvButton } from "../SaveCsvButton";
import { complaintOf, type Contender } from "./compared";
import { resultFigures, resultRows } from "./result-rows";
import { Figures } from "../../../ui/Figures";
import { Sideways } from "../../../ui/Sideways";
import styles from "./Projects.module.css";

interface ResultsProps {
  readonly contenders: readonly Contender[];
  readonly format: AnswerFormat;
}

/** The projects side by side: what each comes to by each measure, and which is first by it. */
export function Results({ contenders, format }: ResultsProps) {
  const payback = useDocumentState(({ draft }) => draft.conventions.payback);
  const rows = resultRows(contenders, format, payback);
  const complaints = contenders.map((one) => complaintOf(one, format));
  return (
    <>
      <Sideways name="Projects compared">
        <Figures
          className={styles.table}
          heads={[
            "",
            ...contenders.map(({ name }, index) => (
              <>
                <Stroke index={index} /> {name}
              </>
            )),
          ]}
          rows={[
            ...(complaints.some((complaint) => complaint !== null)
              ? [
                  {
                    key: "complaints",
                    className: styles.complaints,
                    cells: ["Not appraised", ...complaints],
                  },
                ]
              : []),
            ...rows.map(({ name, cells }) => ({
              key: name,
              cells: [
                name,
                ...cells.map(({ text, place }) => (
                  <span data-first={place === 1}>
                    {text ?? "none"}
                    {place !== null && <span className={styles.place}>{ordinal(place)}</span>}
                  </span>
                )),
              ],
            })),
          ]}
        />
      </Sideways>
      <p>
        <SaveCsvButton
          words="Save as CSV"
          ending=".projects.csv"
          format={format}
          figures={() => resultFigures(contenders)}
        />
      </p>
    </>
  );
}

const ENDINGS: Readonly<Record<number, string>> = { 1: "1st", 2: "2nd", 3: "3rd" };

function ordinal(place: number): string {
  return ENDINGS[place] ?? `${place}th`;
}
