import { useState } from "react";
import { fileNameOf, saveAsFile } from "../../../ui/save-as-file";
import { useDocumentState } from "../../document/document-context";
import { SaveCsvButton } from "../SaveCsvButton";
import { PrintedSchedule } from "./PrintedSchedule";
import { scheduleFigures } from "./schedule-figures";
import type { SchedulePartProps } from "./ScheduleSummary";
import { WordButton } from "../../../ui/Buttons";

/** The ways to take a schedule along: on paper, as a workbook that reckons, as bare figures. */
export function KeepSchedule(props: SchedulePartProps) {
  const { account, firstDate, format } = props;
  const title = useDocumentState(({ draft }) => draft.title);
  const [isPrinted, setPrinted] = useState(false);
  const saveWorkbook = async () => {
    // Both are large, and few people ask for them.
    const [{ scheduleBook }, { workbookFile, WORKBOOK_MEDIA_TYPE }] = await Promise.all([
      import("./schedule-book"),
      import("../hand-in/workbook-file"),
    ]);
    const file = await workbookFile(scheduleBook(account, firstDate, title, format), title);
    saveAsFile(fileNameOf(title, "-schedule.xlsx"), file, WORKBOOK_MEDIA_TYPE);
  };
  return (
    <>
      <WordButton onClick={() => setPrinted(true)}>Print</WordButton>
      <WordButton onClick={() => void saveWorkbook()}>Save as workbook</WordButton>
      <SaveCsvButton
        words="Save as CSV"
        ending="-schedule.csv"
        format={format}
        figures={() => scheduleFigures(account, firstDate)}
      />
      {isPrinted && (
        <PrintedSchedule {...props} title={title} onPrinted={() => setPrinted(false)} />
      )}
    </>
  );
}
