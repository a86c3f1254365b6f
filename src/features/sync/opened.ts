/**
 * A database of the browser on its way. Where a site may keep nothing the browser throws at once, where it has no room later: either
 * way it is told to whoever waits for it, and to nobody else.
 */
export function opened<Db>(open: () => Promise<Db>): Promise<Db> {
  const opening = Promise.resolve().then(open);
  opening.catch(() => undefined);
  return opening;
}
