"use client";

import Divider from "@mui/material/Divider";
import IconButton from "@mui/material/IconButton";
import Menu from "@mui/material/Menu";
import MenuItem from "@mui/material/MenuItem";
import { EllipsisVertical } from "lucide-react";
import { type ReactElement, useState } from "react";
import { positionIdOf, useDesk, useDeskState } from "@/features/plan-session";
import { positionTabsTexts, wiringTabsTexts } from "@/messages/en/wiring/view";
import { newId } from "@/ui";
import { addPosition, maxPositions, setPositionUsed } from "./positions";
import { useWiringPositions } from "./useNamed";
import { copyWiring, maxWirings, removeWiring } from "./wirings";

type Props = {
  readonly comparing: boolean;
  readonly onCompare: (comparing: boolean) => void;
  readonly onWrite: (what: "wiring" | "position") => void;
};

/** What can be done with the wiring and the position on the board. */
export function WiringMenu(props: Props) {
  const [anchor, setAnchor] = useState<HTMLElement | null>(null);
  const close = () => setAnchor(null);
  return (
    <>
      <IconButton
        aria-label={wiringTabsTexts.wiringMenu}
        title={wiringTabsTexts.wiringMenu}
        aria-haspopup="menu"
        aria-expanded={anchor !== null}
        onClick={({ currentTarget }) => setAnchor(currentTarget)}
      >
        <EllipsisVertical size={18} />
      </IconButton>
      {anchor !== null && <Commands {...props} anchor={anchor} onClose={close} />}
    </>
  );
}

type CommandsProps = Props & { readonly anchor: HTMLElement; readonly onClose: () => void };

/** The commands, only while the menu is open: nothing is worked out for it at an edit. */
function Commands({ comparing, onCompare, onWrite, anchor, onClose }: CommandsProps) {
  const desk = useDesk();
  const wirings = useDeskState(({ history }) => history.present.wirings.length);
  const shownId = useDeskState(positionIdOf);
  const { used, others } = useWiringPositions();
  const item = (words: string, run: () => void, isOff = false, key = words): ReactElement => (
    <MenuItem
      key={key}
      disabled={isOff}
      onClick={() => {
        onClose();
        run();
      }}
      sx={{ minHeight: 44, fontSize: "0.9375rem" }}
    >
      {words}
    </MenuItem>
  );
  return (
    <Menu anchorEl={anchor} open onClose={onClose}>
      {item(wiringTabsTexts.editNameAndNoteOfThisWiring, () => onWrite("wiring"))}
      {wirings > 1 &&
        item(comparing ? wiringTabsTexts.closeTheComparison : wiringTabsTexts.compareTheWirings, () =>
          onCompare(!comparing),
        )}
      {item(wiringTabsTexts.copyThisWiring, () => copyWiring(desk, newId()), wirings >= maxWirings)}
      {item(wiringTabsTexts.deleteThisWiring, () => removeWiring(desk), wirings === 1)}
      <Divider />
      {item(positionTabsTexts.renameThisPosition, () => onWrite("position"))}
      {item(
        positionTabsTexts.copyThisPosition,
        () => addPosition(desk, newId()),
        used.length + others.length >= maxPositions,
      )}
      {used.length > 1 && item(positionTabsTexts.notUsedInThisPosition, () => setPositionUsed(desk, shownId, false))}
      {others.map(({ id, name }) =>
        item(positionTabsTexts.alsoUsedInName(name), () => setPositionUsed(desk, id, true), false, id),
      )}
    </Menu>
  );
}
