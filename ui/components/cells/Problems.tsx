/** Sentences of what went wrong, told at once to those who listen. */
export function Problems({ all }: { all: readonly string[] }) {
  if (all.length === 0) return null;
  return (
    <ul className="error-line" role="alert" style={{ marginTop: 8 }}>
      {all.map((problem) => (
        <li key={problem}>{problem}</li>
      ))}
    </ul>
  );
}
