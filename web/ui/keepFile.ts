/** Hands something to the browser as a file to keep. */
export function keepFile(name: string, content: BlobPart, type: string): void {
  const url = URL.createObjectURL(content instanceof Blob ? content : new Blob([content], { type }));
  const link = Object.assign(document.createElement('a'), { href: url, download: name });
  link.click();
  // A large file is still being written when the click is through.
  setTimeout(() => URL.revokeObjectURL(url), 60_000);
}
