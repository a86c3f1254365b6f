"use client";

import { useId, useRef, useState } from "react";
import { type Joined, joinCodes } from "@/core/phone-sheet/qr-chunks";
import { fixingList, type Home, readHome, recordsOfHome } from "@/core/phone-sheet";
import { stepIds } from "@/core/mounting";
import { gateIds } from "@/core/plan";
import { useDesk, useDeskState, usePlan, useReadings, useReadingsState } from "@/features/plan-session";
import { AlertBar, Region, sheetStyle, TextButton } from "@/ui";
import { readCodes } from "./read-codes";
import { withDue } from "./with-due";
import { bringHomeTexts } from "@/messages/en/phone-sheet/view";
import { commonTexts } from "@/messages/en/common/view";

const maxBytes = 1_000_000;

/** What a sheet brings home: as its file, as text, as pictures of its codes. The same twice is taken once. */
export function BringHome() {
  const desk = useDesk();
  const plan = usePlan();
  const planId = useDeskState((state) => state.planId);
  const moment = useDeskState((state) => state.moment);
  const readings = useReadings();
  const known = useReadingsState().records ?? [];
  const file = useRef<HTMLInputElement>(null);
  const id = useId();
  const [text, setText] = useState("");
  const [codes, setCodes] = useState<readonly string[]>([]);
  const [trouble, setTrouble] = useState<string | null>(null);
  const [told, tell] = useState("");

  const take = async (given: string) => {
    setTrouble(null);
    tell("");
    const read = readHome(given);
    if (read.type === "unreadable")
      return setTrouble(
        read.path === ""
          ? bringHomeTexts.thisIsNotTheTextOfAPhoneSheetIt(read.problem)
          : bringHomeTexts.phoneSheetPathProblem(read.path, read.problem),
      );
    const { home } = read;
    if (home.plan !== planId) return setTrouble(bringHomeTexts.thisPhoneSheetBelongsToAnother);
    if (readings === null) return;
    const records = recordsOfHome(home);
    const before = new Set(known.map((record) => record.id));
    const fresh = await withDue(
      records.filter((record) => !before.has(record.id)),
      plan,
      moment,
    );
    const fault = fresh.length === 0 ? null : await readings.addMany(fresh);
    if (fault !== null) return setTrouble(fault);
    const [steps, measured] = [takeSteps(home), takeMeasures(home)];
    const all = records.length + home.ticks.filter(([list]) => list.startsWith("mount:")).length + home.measures.length;
    const taken = fresh.length + steps + measured;
    tell(
      bringHomeTexts.imported({
        ticks: fresh.filter(({ kind }) => kind === "tick").length + steps,
        measurements: measured,
        readings: fresh.filter(({ kind }) => kind !== "tick").length,
        leftOut: all - taken,
      }),
    );
    setText("");
    setCodes([]);
  };

  /** Steps of fixings are ticked in the plan itself, in one step of undo each; none is unticked. */
  const takeSteps = (home: Home): number => {
    let taken = 0;
    for (const { id: fixingId, ticks } of plan.fixings.list)
      for (const [list, step, atUtc] of home.ticks) {
        const isKnown = list !== fixingList(fixingId) || ticks.some((tick) => tick.step === step);
        if (isKnown || !stepIds.some((each) => each === step)) continue;
        desk.change({ type: "tickStep", fixingId, step, atUtc });
        taken++;
      }
    return taken;
  };
  /** What was measured at gates; where the plan has a measure already, it stays. */
  const takeMeasures = (home: Home): number => {
    let taken = 0;
    for (const [key, fromLeftMm, fromBackMm, atUtc] of home.measures) {
      const [fixingId = "", name, which] = key.split("/");
      const gate = gateIds.find((each) => each === name);
      const fixing = plan.fixings.list.find((each) => each.id === fixingId);
      if (fixing === undefined || gate === undefined || (which !== "first" && which !== "second")) continue;
      if ((fixing.gates.find((each) => each.gate === gate)?.[which] ?? null) !== null) continue;
      const measure = { fromLeftMm, fromBackMm, by: "", atUtc };
      desk.change({ type: "measureGate", fixingId, gate, which, measure });
      taken++;
    }
    return taken;
  };

  const readFile = async (chosen: File) => {
    if (chosen.type.startsWith("image/")) {
      const found = await readCodes(chosen);
      if (found.length === 0) return setTrouble(bringHomeTexts.noCodeFoundInNameTakeThePicture(chosen.name));
      const all = [...new Set([...codes, ...found])];
      const joined = joinCodes(all);
      if (joined.type === "whole") return take(joined.text);
      setCodes(joined.type === "mixed" ? found : all);
      return setTrouble(joinTrouble(joined));
    }
    if (chosen.size > maxBytes) return setTrouble(commonTexts.fileTooLarge(chosen.name, chosen.size, maxBytes));
    return take(await chosen.text());
  };

  return (
    <Region title={bringHomeTexts.importAPhoneSheet}>
      {trouble !== null && <AlertBar level="care">{trouble}</AlertBar>}
      <input
        ref={file}
        type="file"
        accept=".json,application/json,image/*"
        className="visually-hidden"
        aria-label={bringHomeTexts.phoneSheetToImport}
        tabIndex={-1}
        onChange={({ target }) => {
          const [chosen] = target.files ?? [];
          if (chosen !== undefined) void readFile(chosen);
          target.value = "";
        }}
      />
      <div className={sheetStyle["buttons"]}>
        <TextButton look="amber" onClick={() => file.current?.click()}>
          {bringHomeTexts.fileOrPictureOfACode}
        </TextButton>
      </div>
      <label htmlFor={id} style={{ display: "block", margin: "12px 0 4px" }}>
        {bringHomeTexts.orItsText}
      </label>
      <textarea
        id={id}
        rows={4}
        value={text}
        onChange={({ target }) => setText(target.value)}
        style={{ width: "100%", font: "inherit", color: "inherit", background: "var(--sheet)" }}
      />
      <TextButton disabled={text.trim() === ""} onClick={() => void take(text.trim())}>
        {bringHomeTexts.importTheText}
      </TextButton>
      <p role="status" style={{ margin: "6px 0 0" }}>
        {told}
      </p>
    </Region>
  );
}

function joinTrouble(joined: Exclude<Joined, { type: "whole" }>): string {
  switch (joined.type) {
    case "missing":
      return bringHomeTexts.codeNumbersOfAllIsMissingAddA(joined.numbers.join(", "), joined.all);
    case "mixed":
      return bringHomeTexts.theseCodesBelongToTwoPhoneSheets;
    case "none":
      return bringHomeTexts.theCodeInThisPictureDoesNot;
  }
}
