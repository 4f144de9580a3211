/** A name as it can stand in a comment of a network file: one line, and nothing that begins another comment. */
export const oneLine = (text: string): string => text.replace(/[\p{Cc};]/gu, ' ').slice(0, 200);
