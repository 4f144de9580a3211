/** Makes something when it is first asked for, and keeps it: a schema costs more to make than most visits ever need. */
export function once<T>(make: () => T): () => T {
  let made: { value: T } | null = null;
  return () => (made ??= { value: make() }).value;
}
