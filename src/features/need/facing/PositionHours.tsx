"use client";

import Box from "@mui/material/Box";
import { fieldSpecs } from "@/core/engine/units";
import { useDesk, usePlan } from "@/features/plan-session";
import { ChoiceField, QuantityField, Region } from "@/ui";
import { positionHoursTexts } from "@/messages/en/need/facing";

/** When in the day the panels stand in a position: under way from 9 to 12, with the folding pair put away. */
export function PositionHours() {
  const desk = useDesk();
  const { positions } = usePlan();
  return (
    <Region title={positionHoursTexts.positionsThroughTheDay}>
      {positions.map(({ id, name, hours }) => (
        <Box
          key={id}
          sx={{
            display: "grid",
            gap: 1,
            gridTemplateColumns: { xs: "1fr 1fr", sm: "1.4fr 1.6fr 0.8fr 0.8fr" },
            mb: 1,
            alignItems: "end",
          }}
          data-position={id}
        >
          <Box sx={{ fontWeight: 600, pb: 1 }}>{name}</Box>
          <ChoiceField
            label={positionHoursTexts.whenNameApplies(name)}
            value={hours === null ? "rest" : "hours"}
            options={[
              { value: "rest", text: positionHoursTexts.atAllOtherHours },
              { value: "hours", text: positionHoursTexts.atCertainHours },
            ]}
            onChoice={(when) =>
              desk.change({
                type: "setPositionHours",
                positionId: id,
                hours: when === "rest" ? null : { fromH: 9, toH: 12 },
              })
            }
          />
          {hours !== null && (
            <>
              <QuantityField
                label={positionHoursTexts.from}
                spec={fieldSpecs.hoursADay}
                value={hours.fromH}
                onValue={(fromH) =>
                  desk.change(
                    { type: "setPositionHours", positionId: id, hours: { ...hours, fromH: fromH ?? 0 } },
                    `pose:${id}:from`,
                  )
                }
                onDone={desk.endGesture}
                help={positionHoursTexts.solarHour}
                required
              />
              <QuantityField
                label={positionHoursTexts.to}
                spec={fieldSpecs.hoursADay}
                value={hours.toH}
                onValue={(toH) =>
                  desk.change(
                    { type: "setPositionHours", positionId: id, hours: { ...hours, toH: toH ?? 24 } },
                    `pose:${id}:to`,
                  )
                }
                onDone={desk.endGesture}
                help={positionHoursTexts.solarHour}
                required
              />
            </>
          )}
        </Box>
      ))}
      <Box sx={{ fontSize: "0.875rem" }}>{positionHoursTexts.whatEachPositionMeansIsSetAt}</Box>
    </Region>
  );
}
