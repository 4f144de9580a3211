/** The head of a table of figures: what it is, its columns, its unit. */
export function FiguresHead({ columns }: { columns: readonly string[] }) {
  return (
    <thead>
      <tr>
        <th scope="col">
          <span className="visually-hidden">Figure</span>
        </th>
        {columns.map((column) => (
          <th key={column} scope="col" colSpan={3 - columns.length}>
            {column}
          </th>
        ))}
        <th scope="col">
          <span className="visually-hidden">Unit</span>
        </th>
      </tr>
    </thead>
  );
}
