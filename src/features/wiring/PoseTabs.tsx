"use client";

import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import IconButton from "@mui/material/IconButton";
import { CopyPlus, PencilLine, X } from "lucide-react";
import { useState } from "react";
import { poseIdOf, useDesk, useDeskState, wiringOf } from "@/features/plan-session";
import { ChoiceField, newId, TextLine } from "@/ui";
import { addPose, maxPoses, setPoseUsed, showPose } from "./poses";
import { poseTabsTexts } from "@/messages/en/wiring/view";

/** The poses the wiring on the board is used in: how the panels stand in each is looked at, changed and judged. */
export function PoseTabs() {
  const desk = useDesk();
  // names only: the tabs are not drawn again when a panel is tilted
  const named = useDeskState((state) => {
    const { poseIds } = wiringOf(state);
    const { poses } = state.history.present;
    return JSON.stringify(poses.map(({ id, name }) => ({ id, name, used: poseIds.includes(id) })));
  });
  const all = JSON.parse(named) as { id: string; name: string; used: boolean }[];
  const shownId = useDeskState(poseIdOf);
  const order = useDeskState((state) => wiringOf(state).poseIds.join());
  const used = order.split(",").flatMap((id) => all.find((pose) => pose.id === id) ?? []);
  const others = all.filter((pose) => !pose.used);
  const shown = used.find(({ id }) => id === shownId);
  const [writing, setWriting] = useState(false);
  return (
    <Box sx={{ display: "flex", gap: 1, flexWrap: "wrap", alignItems: "center", fontSize: "0.875rem" }}>
      <span id="pose-tabs">{poseTabsTexts.position}</span>
      <Box role="group" aria-labelledby="pose-tabs" sx={{ display: "flex", gap: 0.5, flexWrap: "wrap" }}>
        {used.map(({ id, name }) => (
          <Button
            key={id}
            size="small"
            variant="text"
            aria-pressed={id === shownId}
            onClick={() => showPose(desk, id)}
            sx={{
              textTransform: "none",
              color: "text.primary",
              borderRadius: 0,
              borderBottom: id === shownId ? "3px solid var(--amber)" : "3px solid transparent",
              fontWeight: id === shownId ? 700 : 400,
            }}
          >
            {name}
          </Button>
        ))}
      </Box>
      <Box sx={{ display: "flex", alignItems: "center" }}>
        <IconButton
          aria-label={poseTabsTexts.renameThisPosition}
          title={poseTabsTexts.renameThisPosition}
          aria-expanded={writing}
          onClick={() => setWriting(!writing)}
        >
          <PencilLine size={16} />
        </IconButton>
        <IconButton
          aria-label={poseTabsTexts.copyThisPosition}
          title={poseTabsTexts.copyThisPositionPanelsCanBe}
          disabled={all.length >= maxPoses}
          onClick={() => addPose(desk, newId())}
        >
          <CopyPlus size={16} />
        </IconButton>
        {used.length > 1 && (
          <IconButton
            aria-label={poseTabsTexts.notUsedInThisPosition}
            title={poseTabsTexts.removeThisWiringFromThisPosition}
            onClick={() => setPoseUsed(desk, shownId, false)}
          >
            <X size={16} />
          </IconButton>
        )}
      </Box>
      {others.length > 0 && (
        <ChoiceField
          label={poseTabsTexts.alsoUsedInAnotherPosition}
          labelHidden
          value=""
          placeholder={poseTabsTexts.alsoUsedIn}
          options={others.map(({ id, name }) => ({ value: id, text: name }))}
          onChoice={(id) => setPoseUsed(desk, id, true)}
        />
      )}
      {writing && shown !== undefined && (
        <Box
          onKeyDown={({ key }) => (key === "Enter" || key === "Escape") && setWriting(false)}
          sx={{ flex: "0 1 220px" }}
        >
          <TextLine
            key={shown.id}
            label={poseTabsTexts.nameOfThisPosition}
            value={shown.name}
            most={80}
            onValue={(name) => desk.change({ type: "renamePose", poseId: shown.id, name }, `pose:${shown.id}:name`)}
            onDone={desk.endGesture}
          />
        </Box>
      )}
    </Box>
  );
}
