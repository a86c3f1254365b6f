/** Word on the way: how far it is, and what there is so far where that can be shown. */
export type Progressed<Value> = (progress: { readonly share: number; readonly value?: Value | null }) => void;

/** Whether a subject is another one, part by part. */
export function isSame(subject: readonly unknown[], other: readonly unknown[]): boolean {
  return subject.every((part, k) => part === other[k]);
}
