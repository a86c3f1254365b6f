/** Hands a text or bytes to the person as a file to keep. */
export function downloadFile(fileName: string, type: string, content: string | Uint8Array<ArrayBuffer>): void {
  const link = document.createElement("a");
  const url = URL.createObjectURL(new Blob([content], { type }));
  link.href = url;
  link.download = fileName;
  link.click();
  URL.revokeObjectURL(url);
}

/** A name of things as part of a file's name: letters and digits, the rest dashes. */
export function nameForFile(...parts: readonly string[]): string {
  return parts
    .join(" ")
    .replace(/[^\p{L}\p{N}]+/gu, "-")
    .toLowerCase();
}
