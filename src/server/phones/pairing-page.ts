import "server-only";

/** The one page an unpaired phone gets. No script; its style carries the nonce. */
export function pairingPage(nonce: string, word: string | null): string {
  return `<!doctype html>
<html lang="en">
<head>
<meta charset="utf-8">
<meta name="viewport" content="width=device-width, initial-scale=1">
<title>Golden Array: pair this phone</title>
<style nonce="${nonce}">
body{margin:0;background:#f1e9d8;color:#1b2830;font:17px/1.5 Georgia,serif}
main{max-width:26rem;margin:12vh auto 0;padding:0 20px}
h1{font-size:1.5rem;margin:0 0 .5rem}
label{display:block;font-weight:bold;margin:1.25rem 0 .25rem}
input{box-sizing:border-box;width:100%;min-height:52px;padding:0 12px;font:1.5rem/1 ui-monospace,monospace;letter-spacing:.15em;border:1px solid #1b2830;border-radius:2px;background:#fbf7ec;color:inherit}
button{min-height:52px;margin-top:1rem;padding:0 24px;font:inherit;font-weight:bold;border:0;border-radius:2px;background:#1b2830;color:#fbf7ec}
input:focus-visible,button:focus-visible{outline:3px solid #b86e00;outline-offset:2px}
.word{border-left:6px double #9a1b2f;padding-left:12px;margin-top:1rem}
</style>
</head>
<body>
<main>
<h1>Pair this phone</h1>
<p>On the computer that runs Golden Array open “Phones” and make a pairing code. It is valid for two minutes and one phone.</p>
${word === null ? "" : `<p class="word" role="alert">${word}</p>`}
<form method="post" action="/pair">
<label for="code">Pairing code</label>
<input id="code" name="code" inputmode="numeric" autocomplete="one-time-code" required maxlength="12">
<button type="submit">Pair</button>
</form>
<p>Data between this phone and the computer is not encrypted: others on this network can read it.</p>
</main>
</body>
</html>
`;
}

export function refusedWords(why: "noCode" | "wrong", triesLeft: number): string {
  if (why === "noCode") return "The code has expired. Make a new one on the computer.";
  if (triesLeft === 0) return "That is not the code, and it is void now. Make a new one on the computer.";
  return `That is not the code. ${triesLeft} more ${triesLeft === 1 ? "try" : "tries"}.`;
}
