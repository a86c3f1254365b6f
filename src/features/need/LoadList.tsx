"use client";

import Box from "@mui/material/Box";
import { ArrowDown, ArrowUp, Copy, Trash2 } from "lucide-react";
import { useState } from "react";
import { loadWh } from "@/core/need";
import { type Load, type Need } from "@/core/plan";
import { useDesk, usePlan } from "@/features/plan-session";
import { newId, Region, TextButton, ToolButton } from "@/ui";
import { LoadForm } from "./LoadForm";
import { loadDayWords, loadDetail } from "@/messages/en/need/loads";
import { loadListTexts } from "@/messages/en/need/view";

/** What runs in a day: a line for each appliance; the one chosen opens. */
export function LoadList() {
  const desk = useDesk();
  const { need } = usePlan();
  const [chosenId, setChosenId] = useState<string | null>(null);
  const add = (like: Partial<Load>) => {
    const id = newId();
    desk.change({ type: "addToNeed", list: "loads", id, like });
    setChosenId(id);
  };
  const sorted = [...need.loads].sort((a, b) => (loadWh(need, b) ?? 0) - (loadWh(need, a) ?? 0));
  const isSorted = sorted.every(({ id }, k) => id === need.loads[k]?.id);
  return (
    <Region
      title={loadListTexts.whatRunsInADay}
      flush
      aside={
        need.loads.length > 1 && !isSorted ? (
          <TextButton
            look="plain"
            onClick={() => {
              for (const [to, { id }] of sorted.entries())
                desk.change({ type: "moveInNeed", list: "loads", id, to }, "loads:sort");
              desk.endGesture();
            }}
          >
            {loadListTexts.largestFirst}
          </TextButton>
        ) : undefined
      }
    >
      {need.loads.length === 0 && (
        <Box sx={{ p: 1.5, fontSize: "0.9375rem" }}>{loadListTexts.nothingYetPressAnApplianceInThe}</Box>
      )}
      <Box component="ul" aria-label={loadListTexts.appliances} sx={{ listStyle: "none", m: 0, p: 0 }}>
        {need.loads.map((load) => (
          <Line
            key={load.id}
            load={load}
            need={need}
            open={load.id === chosenId}
            onOpen={() => setChosenId(load.id === chosenId ? null : load.id)}
            onCopy={() => add({ ...load, name: load.name })}
          />
        ))}
      </Box>
      <Box sx={{ p: 1 }}>
        <TextButton onClick={() => add({ name: loadListTexts.myOwnAppliance })}>
          {loadListTexts.addAnApplianceOfYourOwn}
        </TextButton>
      </Box>
    </Region>
  );
}

type LineProps = {
  readonly load: Load;
  readonly need: Need;
  readonly open: boolean;
  readonly onOpen: () => void;
  readonly onCopy: () => void;
};

function Line({ load, need, open, onOpen, onCopy }: LineProps) {
  const desk = useDesk();
  const place = need.loads.findIndex(({ id }) => id === load.id);
  const move = (to: number) => desk.change({ type: "moveInNeed", list: "loads", id: load.id, to });
  return (
    <li data-load={load.id}>
      <Box
        sx={{
          display: "flex",
          borderBottom: "1px solid var(--line)",
          borderLeft: open ? "6px solid var(--amber)" : "6px solid transparent",
        }}
      >
        <Box
          component="button"
          type="button"
          aria-expanded={open}
          onClick={onOpen}
          sx={{
            flex: 1,
            minWidth: 0,
            minHeight: 44,
            textAlign: "left",
            background: "none",
            border: 0,
            color: "inherit",
            font: "inherit",
            cursor: "pointer",
            px: 1,
            py: 0.5,
            display: "flex",
            gap: 1,
            justifyContent: "space-between",
            alignItems: "center",
          }}
        >
          <span>
            <Box component="span" sx={{ display: "block", fontWeight: open ? 700 : 500, fontSize: "0.9375rem" }}>
              {load.name}
            </Box>
            <Box
              component="span"
              className="num"
              sx={{ display: "block", fontSize: "0.8125rem", color: "text.secondary" }}
            >
              {loadDetail(load)}
            </Box>
          </span>
          <Box component="span" className="num" sx={{ fontWeight: 700, whiteSpace: "nowrap" }}>
            {loadDayWords(need, load)}
          </Box>
        </Box>
        {open && (
          <Box sx={{ display: "flex", alignItems: "center" }}>
            <ToolButton
              aria-label={loadListTexts.moveNameUp(load.name)}
              disabled={place === 0}
              onClick={() => move(place - 1)}
            >
              <ArrowUp size={16} />
            </ToolButton>
            <ToolButton
              aria-label={loadListTexts.moveNameDown(load.name)}
              disabled={place === need.loads.length - 1}
              onClick={() => move(place + 1)}
            >
              <ArrowDown size={16} />
            </ToolButton>
            <ToolButton aria-label={loadListTexts.copyName(load.name)} onClick={onCopy}>
              <Copy size={16} />
            </ToolButton>
          </Box>
        )}
        <Box sx={{ display: "flex", alignItems: "center", pr: 1 }}>
          <ToolButton
            aria-label={loadListTexts.deleteName(load.name)}
            onClick={() => desk.change({ type: "removeFromNeed", list: "loads", id: load.id })}
          >
            <Trash2 size={16} />
          </ToolButton>
        </Box>
      </Box>
      {open && <LoadForm load={load} need={need} />}
    </li>
  );
}
