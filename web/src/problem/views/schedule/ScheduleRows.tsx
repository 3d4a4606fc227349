import type { ShownColumns } from "./schedule-columns";
import type { ShownRow } from "./shown-rows";
import { TurnButton } from "../../../ui/Buttons";
import styles from "./Table.module.css";

export function Head({ heads }: Pick<ShownColumns, "heads">) {
  return (
    <div role="rowgroup" className={styles.head}>
      <div role="row" aria-rowindex={1} className={styles.row}>
        {heads.map((name) => (
          <span key={name} role="columnheader">
            {name}
          </span>
        ))}
      </div>
    </div>
  );
}

interface RowCellsProps {
  readonly row: ShownRow;
  readonly cells: readonly string[];
  /** Opens a year or closes it. */
  readonly turn: (year: number) => void;
}

export function RowCells({ row, cells, turn }: RowCellsProps) {
  const [name, ...rest] = cells;
  return (
    <>
      <span role="rowheader">
        {row.kind === "year" ? (
          <TurnButton
            className={styles.strong ?? ""}
            isOpen={row.isOpen}
            onClick={() => turn(row.year.year)}
          >
            {name}
          </TurnButton>
        ) : (
          name
        )}
      </span>
      <Cells cells={rest} />
    </>
  );
}

interface TotalsProps extends Pick<ShownColumns, "totals"> {
  readonly rowIndex: number;
}

export function Totals({ totals, rowIndex }: TotalsProps) {
  const [name, ...rest] = totals;
  return (
    <div role="rowgroup" className={styles.totals}>
      <div role="row" aria-rowindex={rowIndex} className={styles.row}>
        <span role="rowheader">{name}</span>
        <Cells cells={rest} />
      </div>
    </div>
  );
}

function Cells({ cells }: { readonly cells: readonly string[] }) {
  return cells.map((cell, column) => (
    <span key={column} role="cell">
      {cell}
    </span>
  ));
}
