/** Gives a text to the person as a file. */
export function saveAs(text: string, type: string, name: string): void {
  const url = URL.createObjectURL(new Blob([text], { type }));
  const link = document.createElement('a');
  link.href = url;
  link.download = name;
  link.click();
  // The browser has begun to save by then.
  setTimeout(() => URL.revokeObjectURL(url), 10_000);
}
