import type { SheetComparison } from "./comparisons";

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
          <table className="figures">
            <thead>
              <tr>
                <td />
                {block.map(({ name }, column) => (
                  <th key={column} scope="col">
                    {name}
                  </th>
                ))}
              </tr>
            </thead>
            <tbody>
              {rows.map((row, index) => (
                <tr key={`${index} ${row}`}>
                  <th scope="row">{row}</th>
                  {block.map(({ cells }, column) => (
                    <td key={column}>{cells[index]}</td>
                  ))}
                </tr>
              ))}
            </tbody>
          </table>
        </div>
      ))}
      {words.map((sentence) => (
        <p key={sentence}>{sentence}</p>
      ))}
    </section>
  );
}
