import type { AnswerFormat } from "@kestrelmoor/core";
import { Stroke } from "../../../charts/Stroke";
import { SaveCsvButton } from "../SaveCsvButton";
import { complaintOf, type Contender } from "./compared";
import { resultFigures, resultRows } from "./result-rows";
import styles from "./Projects.module.css";

interface ResultsProps {
  readonly contenders: readonly Contender[];
  readonly format: AnswerFormat;
}

/** The projects side by side: what each comes to by each measure, and which is first by it. */
export function Results({ contenders, format }: ResultsProps) {
  const rows = resultRows(contenders, format);
  const complaints = contenders.map((one) => complaintOf(one, format));
  return (
    <>
      <div className={styles.scroll} role="region" aria-label="Projects compared" tabIndex={0}>
        <table className={`figures ${styles.table ?? ""}`}>
          <thead>
            <tr>
              <td />
              {contenders.map(({ id, name }, index) => (
                <th key={id ?? "own"} scope="col">
                  <Stroke index={index} /> {name}
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {complaints.some((complaint) => complaint !== null) && (
              <tr>
                <th scope="row">Not appraised</th>
                {complaints.map((complaint, index) => (
                  <td key={contenders[index]?.id ?? "own"} className={styles.complaint}>
                    {complaint}
                  </td>
                ))}
              </tr>
            )}
            {rows.map(({ name, cells }) => (
              <tr key={name}>
                <th scope="row">{name}</th>
                {cells.map(({ text, place }, index) => (
                  <td key={contenders[index]?.id ?? "own"} data-first={place === 1}>
                    {text ?? "none"}
                    {place !== null && <span className={styles.place}>{ordinal(place)}</span>}
                  </td>
                ))}
              </tr>
            ))}
          </tbody>
        </table>
      </div>
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
