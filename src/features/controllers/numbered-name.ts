/** A name of its own for one more device of the same name: "Slatehill Brook 2, charge controller"; what is told apart already stays. */
export function numberedName(name: string, taken: readonly string[]): string {
  const headOf = (of: string) => of.split(", ")[0] ?? of;
  const heads = new Set(taken.map(headOf));
  const head = headOf(name);
  if (!heads.has(head)) return name;
  const plain = head.replace(/ \d{1,2}$/, "");
  const number = Array.from({ length: heads.size + 1 }, (_, k) => k + 2).find((each) => !heads.has(`${plain} ${each}`));
  return `${plain} ${number ?? heads.size + 2}${name.slice(head.length)}`.slice(0, maxName);
}
const maxName = 80;
