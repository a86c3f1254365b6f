/**
 * Parts a text before the last characters that all match. Steps back from the end: an expression with `$` behind a
 * repetition would try every place it could start at, which takes the square of the length.
 */
export function partTail(text: string, character: RegExp): { readonly head: string; readonly tail: string } {
  let start = text.length;
  while (start > 0 && character.test(text.charAt(start - 1))) start--;
  return { head: text.slice(0, start), tail: text.slice(start) };
}
