/** Loaded before a server whose memory is looked at: on a signal it collects what is garbage and says what is left. */
process.on("SIGUSR2", () => {
  globalThis.gc?.();
  console.log(`heap in use: ${process.memoryUsage().heapUsed} bytes`);
});
