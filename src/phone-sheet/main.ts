import { type Home } from "@/core/phone-sheet";
import { codesOf } from "@/core/phone-sheet/qr-chunks";
import QRCode from "qrcode";
import { keeper } from "./keeper";
import { type SheetData } from "./sheet-data";

/**
 * The one script of the sheet that is taken along: keeps ticks and figures in that browser, shows what is due now, and gives all
 * of it back as text, file and codes. It asks the network for nothing.
 */
const data = JSON.parse(find("#sheet-data").textContent ?? "") as SheetData;
const kept = keeper(`golden-array-sheet:${data.made}`, freshHome());
const home = kept.home;

function freshHome(): Home {
  const random = crypto.getRandomValues(new Uint32Array(2));
  return {
    format: "golden-array-sheet",
    version: 1,
    sheet: [...random].map((each) => each.toString(36)).join(""),
    plan: data.plan,
    wiring: data.wiring,
    ticks: [],
    measures: [],
    reads: [],
    log: [],
  };
}

function find(selector: string): HTMLElement {
  const found = document.querySelector<HTMLElement>(selector);
  if (found === null) throw new Error(`the sheet has no ${selector}`);
  return found;
}
function all<E extends HTMLElement>(selector: string): E[] {
  return [...document.querySelectorAll<E>(selector)];
}
const nowUtc = () => new Date().toISOString();
/** A comma is a decimal point to many. */
function numberIn(field: HTMLInputElement): number | null {
  const text = field.value.trim().replace(",", ".");
  return text === "" || !Number.isFinite(Number(text)) ? null : Number(text);
}
/** More than anything here shows or measures. */
const most = 100_000;
/** What cannot be read or be is told and not kept; what was typed stays. */
function isWrong(field: HTMLInputElement): boolean {
  const value = numberIn(field);
  const wrong = field.value.trim() !== "" && (value === null || Math.abs(value) > most);
  field.setAttribute("aria-invalid", String(wrong));
  const name = field.getAttribute("aria-label") ?? field.closest("label")?.textContent.trim() ?? "This";
  find("#wrong").textContent = wrong
    ? `${name}: “${field.value.trim()}” is not saved. Enter a number, with a point or a comma, of at most ${most}.`
    : "";
  return wrong;
}

/** Puts in a value under its key, or takes it out. */
function put<T extends readonly unknown[]>(list: T[], isSame: (each: T) => boolean, next: T | null): void {
  const at = list.findIndex(isSame);
  if (at >= 0) list.splice(at, 1);
  if (next !== null) list.push(next);
}

/** In letters that are a byte each, so that a code holds as many as it says. */
function homeText(): string {
  return JSON.stringify(home).replace(
    /[\u007f-\uffff]/g,
    (letter) => `\\u${letter.charCodeAt(0).toString(16).padStart(4, "0")}`,
  );
}

function changed(): void {
  const isKept = kept.keep();
  find("#not-kept").hidden = isKept;
  const text = homeText();
  (find("#as-text") as HTMLTextAreaElement).value = text;
  const count = home.ticks.length + home.measures.length + home.reads.length + home.log.length;
  find("#counted").textContent =
    count === 0
      ? "Nothing ticked or entered yet."
      : `${home.ticks.length} ticked, ${home.measures.length + home.reads.length} measured, ${home.log.length} entered in the log.`;
  find("#codes").replaceChildren();
}

function ticks(): void {
  for (const box of all<HTMLInputElement>("input[data-step]")) {
    const [list, step] = [box.dataset["list"] ?? "", box.dataset["step"] ?? ""];
    const isSame = (each: Home["ticks"][number]) => each[0] === list && each[1] === step;
    box.checked = home.ticks.some(isSame) || box.checked;
    box.addEventListener("change", () => {
      put(home.ticks, isSame, box.checked ? [list, step, nowUtc()] : null);
      changed();
    });
  }
}

function reads(): void {
  for (const field of all<HTMLInputElement>("input[data-read]")) {
    const key = field.dataset["read"] ?? "";
    const isSame = (each: Home["reads"][number]) => each[0] === key;
    const known = home.reads.find(isSame);
    if (known !== undefined) field.value = String(known[1]);
    const told = field.closest("tr")?.querySelector<HTMLElement>("[data-told]") ?? null;
    const tell = () => {
      const value = numberIn(field);
      const [low, high] = [Number(field.dataset["low"]), Number(field.dataset["high"])];
      if (told === null) return;
      told.textContent =
        value === null || !(high > 0)
          ? ""
          : value < 0
            ? "minus: turned round"
            : value < low
              ? "low"
              : value > high
                ? "high"
                : "fits";
    };
    field.addEventListener("change", () => {
      if (isWrong(field)) return;
      const value = numberIn(field);
      put(home.reads, isSame, value === null ? null : [key, value, nowUtc()]);
      tell();
      changed();
    });
    tell();
  }
}

function measures(): void {
  for (const row of all("[data-measure]")) {
    const key = row.dataset["measure"] ?? "";
    const isSame = (each: Home["measures"][number]) => each[0] === key;
    const [left, back] = [...row.querySelectorAll("input")];
    if (left === undefined || back === undefined) continue;
    const known = home.measures.find(isSame);
    if (known !== undefined) [left.value, back.value] = [String(known[1]), String(known[2])];
    row.addEventListener("change", () => {
      if (isWrong(left) || isWrong(back)) return;
      const [fromLeft, fromBack] = [numberIn(left), numberIn(back)];
      put(home.measures, isSame, fromLeft === null || fromBack === null ? null : [key, fromLeft, fromBack, nowUtc()]);
      changed();
    });
  }
}

function log(): void {
  const [watts, charge] = [find("#log-watts") as HTMLInputElement, find("#log-charge") as HTMLInputElement];
  const sky = find("#log-sky") as HTMLSelectElement;
  const list = find("#log-list");
  const show = () =>
    list.replaceChildren(
      ...home.log.map(([value, word, percent, atUtc]) => {
        const line = document.createElement("li");
        line.textContent = `${new Date(atUtc).toLocaleString()}: ${value} W${word === null ? "" : `, ${word}`}${percent === null ? "" : `, state of charge ${percent} %`}`;
        return line;
      }),
    );
  find("#log-write").addEventListener("click", () => {
    if (isWrong(watts) || isWrong(charge)) return;
    const [value, percent] = [numberIn(watts), numberIn(charge)];
    const isOut =
      value === null || value < 0 || value > 100_000 || (percent !== null && (percent < 0 || percent > 100));
    find("#log-fault").textContent = isOut
      ? "Enter watts between 0 and 100000; state of charge, if entered, between 0 and 100 %."
      : "";
    if (isOut) return;
    home.log.push([value, (sky.value || null) as Home["log"][number][1], percent, nowUtc()]);
    [watts.value, charge.value, sky.value] = ["", "", ""];
    show();
    changed();
  });
  show();
}

/** The line of this hour, if the sheet reaches so far. */
function dueNow(): void {
  const now = Date.now();
  for (const row of all("tr[data-at]")) {
    const atMs = Number(row.dataset["at"]);
    row.toggleAttribute("data-now", Math.abs(now - atMs) <= 1_800_000);
  }
  const lines = data.ports.flatMap(({ name, hours }) => {
    const hour = hours.find(([atMs]) => Math.abs(now - atMs) <= 1_800_000);
    return hour === undefined
      ? []
      : [`${name}: ${hour[1].toFixed(0)} W under a clear sky, ${hour[2].toFixed(0)} W under cloud`];
  });
  find("#due-now").textContent = lines.length === 0 ? "" : `Expected now: ${lines.join("; ")}.`;
}

async function showCodes(): Promise<void> {
  const codes = codesOf(homeText());
  const figures = await Promise.all(
    codes.map(async (code, k) => {
      const figure = document.createElement("figure");
      const drawn = new DOMParser().parseFromString(
        await QRCode.toString(code, { type: "svg", errorCorrectionLevel: "L" }),
        "image/svg+xml",
      ).documentElement;
      drawn.setAttribute("role", "img");
      drawn.setAttribute("aria-label", `Code ${k + 1} of ${codes.length}`);
      const caption = document.createElement("figcaption");
      caption.textContent = `Code ${k + 1} of ${codes.length}`;
      figure.append(document.importNode(drawn, true), caption);
      return figure;
    }),
  );
  find("#codes").replaceChildren(...figures);
}

function saveFile(): void {
  const link = document.createElement("a");
  const url = URL.createObjectURL(new Blob([homeText()], { type: "application/json" }));
  link.href = url;
  link.download = `roof-sheet-${home.sheet}.json`;
  link.click();
  setTimeout(() => URL.revokeObjectURL(url), 10_000);
}

ticks();
reads();
measures();
log();
dueNow();
changed();
setInterval(dueNow, 60_000);
find("#save-file").addEventListener("click", saveFile);
find("#show-codes").addEventListener("click", () => void showCodes());
document.body.dataset["live"] = "true";
