/** A number as typed; what is none stays text, and is refused with its name. */
export const numeric = (text: string): number | string =>
  text.trim() === '' || !Number.isFinite(Number(text)) ? text : Number(text);
