/** Seconds as they stand on a stop watch. @example clockText(232) // "3:52" */
export const clockText = (s: number): string =>
  `${Math.floor(Math.max(0, s) / 60)}:${String(Math.floor(Math.max(0, s) % 60)).padStart(2, '0')}`;
