export default async function tearDown(): Promise<void> {
  await (globalThis as unknown as { endOfTests: () => Promise<void> }).endOfTests();
}
