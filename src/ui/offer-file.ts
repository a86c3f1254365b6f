/** Hands a text or bytes to the person as a file to keep. */
export function offerFile(fileName: string, type: string, content: string | Uint8Array<ArrayBuffer>): void {
  const link = document.createElement("a");
  const url = URL.createObjectURL(new Blob([content], { type }));
  link.href = url;
  link.download = fileName;
  link.click();
  URL.revokeObjectURL(url);
}
