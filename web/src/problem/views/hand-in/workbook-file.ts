import type { Cell, Workbook } from "@kestrelmoor/core/teaching";
import type * as Excel from "exceljs";

export const WORKBOOK_MEDIA_TYPE =
  "application/vnd.openxmlformats-officedocument.spreadsheetml.sheet";

type Shows = Extract<Cell, { kind: "input" }>["shows"];

/** How each kind of figure is shown; what is worked with has all its digits. */
const NUMBER_FORMATS: Readonly<Record<Shows, string>> = {
  money: "#,##0.00",
  rate: "0.0000000000",
  factor: "0.0000000000",
  count: "#,##0.######",
  time: "0.######",
};

const INK = "FF2E2823";
const QUIET = "FF6A625A";
const HEATHER = "FF6D4A86";
const GIVEN_GROUND = "FFEEE6F3";

/** Writes a workbook into a file that spreadsheets open. */
export async function workbookFile(book: Workbook, title: string): Promise<ArrayBuffer> {
  const { Workbook: ExcelWorkbook } = await loadExcel();
  const file = new ExcelWorkbook();
  file.title = title;
  // What somebody changes is worked out anew, whatever the file says that it came to.
  file.calcProperties.fullCalcOnLoad = true;
  for (const { name, widths, rows, rowsKept } of book.sheets) {
    const sheet = file.addWorksheet(name, {
      pageSetup: { orientation: "landscape", fitToPage: true, fitToWidth: 1, fitToHeight: 0 },
      ...(rowsKept > 0 ? { views: [{ state: "frozen", ySplit: rowsKept }] } : {}),
    });
    sheet.columns = widths.map((width) => ({ width }));
    rows.forEach((cells, row) => {
      cells.forEach((cell, column) => {
        if (cell !== null) write(sheet.getCell(row + 1, column + 1), cell);
      });
    });
  }
  return await file.xlsx.writeBuffer();
}

/** It is large, and most people never ask for it. */
async function loadExcel(): Promise<typeof Excel> {
  const loaded = await import("exceljs");
  return "default" in loaded ? loaded.default : loaded;
}

function write(place: Excel.Cell, cell: Cell): void {
  switch (cell.kind) {
    case "text":
      place.value = cell.text;
      place.font = TEXT_FONTS[cell.role];
      if (cell.role === "words") place.alignment = { wrapText: true, vertical: "top" };
      return;
    case "input":
      place.value = cell.value;
      place.numFmt = NUMBER_FORMATS[cell.shows];
      place.font = { color: { argb: HEATHER }, bold: true };
      place.fill = { type: "pattern", pattern: "solid", fgColor: { argb: GIVEN_GROUND } };
      return;
    case "formula":
      place.value = {
        formula: cell.formula,
        ...(Number.isFinite(cell.value) ? { result: cell.value } : {}),
      };
      place.numFmt = NUMBER_FORMATS[cell.shows];
      place.font =
        cell.isAnswer === true
          ? { color: { argb: HEATHER }, bold: true, size: 14 }
          : { color: { argb: INK } };
  }
}

const TEXT_FONTS: Readonly<Record<Extract<Cell, { kind: "text" }>["role"], Partial<Excel.Font>>> = {
  title: { bold: true, size: 16, color: { argb: INK } },
  heading: { bold: true, color: { argb: HEATHER } },
  words: { color: { argb: INK } },
  head: { bold: true, color: { argb: QUIET } },
  formula: { color: { argb: QUIET } },
};
