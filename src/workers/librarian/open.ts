/** A worker that reads library files. The bundler finds the worker's file by this very spelling. */
export function openLibrarianWorker(): Worker {
  return new Worker(new URL("./librarian.worker.ts", import.meta.url), { type: "module" });
}
