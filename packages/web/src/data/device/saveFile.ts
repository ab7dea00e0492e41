/** Letters that file systems do not take, and what cannot be seen. */
const ODD = /[\\/:*?"<>|\p{C}]+/gu;

/** A name for a file from the name of a thing. */
export function fileName(of: string, ending: string): string {
  return `${of.replace(ODD, ' ').replace(/\s+/g, ' ').trim().slice(0, 80) || 'ember-fold'}.${ending}`;
}

/** Hands a text to the cook as a file. */
export function saveFile(name: string, type: string, text: string): void {
  const link = document.createElement('a');
  link.href = URL.createObjectURL(new Blob([text], { type }));
  link.download = name;
  link.click();
  setTimeout(() => URL.revokeObjectURL(link.href), 60_000);
}
