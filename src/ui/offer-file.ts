/** Hands a text to the person as a file to keep. */
export function offerFile(fileName: string, type: string, text: string): void {
  const link = document.createElement("a");
  const url = URL.createObjectURL(new Blob([text], { type }));
  link.href = url;
  link.download = fileName;
  link.click();
  URL.revokeObjectURL(url);
}
