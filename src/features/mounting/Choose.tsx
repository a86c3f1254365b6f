"use client";

import Box from "@mui/material/Box";
import { schoolFacts } from "@/core/mounting";
import { plainFixing, type Plan, type School, schools } from "@/core/plan";
import { keyOf } from "@/core/engine/array";
import { useDesk, usePlan } from "@/features/plan-session";
import { newId, Region, TextButton } from "@/ui";
import { schoolWords } from "@/messages/en";
import { useMount } from "./facts";
import style from "./mount.module.css";

/** The ways there are to hold panels, those first that suit what the plan already says. */
export function Choose() {
  const desk = useDesk();
  const plan = usePlan();
  const { choose } = useMount();
  const free = freePieces(plan);
  const take = (school: School) => {
    const id = newId();
    desk.change({
      type: "setFixing",
      fixing: plainFixing(id, nameFor(plan, school), school, fitting(plan, school, free)),
    });
    choose(id);
  };
  if (plan.panels.length === 0) return <p>No panel in this plan yet: see Panels.</p>;
  return (
    <Region title="How are they held?">
      <p style={{ marginTop: 0 }}>
        {free.length === 0
          ? "All panels are held already. One that is chosen here is taken from where it was."
          : "Choose one, then say which panels it holds. Its steps, what it takes and what the wind does to it follow."}
      </p>
      <Box component="ul" className={style["schools"]}>
        {[...schools]
          .sort((a, b) => fits(plan, b) - fits(plan, a))
          .map((school) => (
            <li key={school}>
              <strong>{schoolWords[school].name}</strong>
              <span>{schoolWords[school].suits}</span>
              <span className={style["watch"]}>{schoolWords[school].watch}</span>
              <TextButton
                look={fits(plan, school) > 0 ? "amber" : "outlined"}
                aria-label={`Hold them so: ${schoolWords[school].name}`}
                onClick={() => take(school)}
              >
                Hold them so
              </TextButton>
            </li>
          ))}
      </Box>
    </Region>
  );
}

type Ref = { readonly panelId: string; readonly piece: number };

function freePieces({ panels, fixings }: Plan): Ref[] {
  const held = new Set(fixings.list.flatMap(({ pieces }) => pieces.map(keyOf)));
  return panels.flatMap(({ id, pieces }) =>
    pieces.map(({ number }) => ({ panelId: id, piece: number })).filter((ref) => !held.has(keyOf(ref))),
  );
}

function isLoose({ kind }: Plan["panels"][number]["label"]): boolean {
  return kind === "folding" || kind === "blanket";
}

/** The free panels a school is likely for: what folds stands on legs, and nothing else does. */
function fitting(plan: Plan, school: School, free: readonly Ref[]): Ref[] {
  const labels = new Map(plan.panels.map(({ id, label }) => [id, label]));
  return free.filter(({ panelId }) => {
    const label = labels.get(panelId);
    return label !== undefined && isLoose(label) === (school === "foldingLegs");
  });
}

/** How well a school suits what the plan says of surfaces, panels and mounts. */
function fits(plan: Plan, school: School): number {
  const kinds = new Set(plan.space.surfaces.map(({ kind }) => kind));
  const label = (test: (kind: string) => boolean) => plan.panels.some(({ label: { kind } }) => test(kind));
  const suits: Readonly<Record<School, boolean>> = {
    tapedFeet: kinds.has("roof") && label((kind) => kind === "rigid"),
    gluedBrackets: kinds.has("roof") && label((kind) => kind === "rigid"),
    ribRails: plan.space.surfaces.some(({ ribs }) => ribs !== null),
    film: label((kind) => kind === "flexible" || kind === "thinFilm"),
    screwedFeet: kinds.has("porch"),
    groundFrame: kinds.has("ground") || kinds.has("frame"),
    boatFrame: kinds.has("deck"),
    foldingLegs: label((kind) => kind === "folding" || kind === "blanket"),
  };
  return suits[school] ? 1 : 0;
}

function nameFor({ fixings }: Plan, school: School): string {
  const base =
    schoolFacts[school].holdsBy === "standing" ? "On the ground" : school === "boatFrame" ? "On deck" : "Roof";
  const taken = new Set(fixings.list.map(({ name }) => name));
  for (let n = 1; ; n++) {
    const name = n === 1 ? base : `${base} ${n}`;
    if (!taken.has(name)) return name;
  }
}
