import type { SheetComparison } from "./comparisons";
import { Figures } from "../../../ui/Figures";

/** So many columns stand beside each other on a page. */
const COLUMNS_ACROSS = 4;

/** A comparison on the sheet; more columns than fit go on in a table below. */
export function ComparisonOnSheet({ comparison }: { readonly comparison: SheetComparison }) {
  const { heading, columns, rows, words } = comparison;
  const blocks = Array.from({ length: Math.ceil(columns.length / COLUMNS_ACROSS) }, (_, block) =>
    columns.slice(block * COLUMNS_ACROSS, (block + 1) * COLUMNS_ACROSS),
  );
  return (
    <section>
      <h3>{heading}</h3>
      {blocks.map((block, place) => (
        <div
          key={place}
          className="sheet-comparison"
          role="region"
          aria-label={`${heading}, table ${place + 1}`}
          tabIndex={0}
        >
          <Figures
            heads={["", ...block.map(({ name }) => name)]}
            rows={rows.map((row, index) => ({
              key: `${index} ${row}`,
              cells: [row, ...block.map(({ cells }) => cells[index])],
            }))}
          />
        </div>
      ))}
      {words.map((sentence) => (
        <p key={sentence}>{sentence}</p>
      ))}
    </section>
  );
}
