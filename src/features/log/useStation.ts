import { useState } from "react";
import { browserClient } from "@/api";
import { type LogEntry, unsaidSky } from "@/core/measurements";
import { useDeskState, usePlan, useWiring } from "@/features/plan-session";
import { openBench } from "@/features/simulator";
import { parseAnswer } from "@/simulator";
import { useStationTexts } from "@/messages/en/log/view";
import { commonTexts } from "@/messages/en/common/view";

export type StationRead =
  | { readonly type: "read"; readonly watts: number; readonly socPct: number }
  | { readonly type: "fault"; readonly message: string };

/** Reads what the displays of all ports show, of the stand-in station that ships with the application. */
export function useStation(): {
  readonly isReading: boolean;
  readonly read: (cloud: LogEntry["cloud"], airC: number | null) => Promise<StationRead>;
} {
  const plan = usePlan();
  const wiring = useWiring();
  const planId = useDeskState((state) => state.planId);
  const moment = useDeskState((state) => state.moment);
  const [isReading, setReading] = useState(false);

  async function displays(cloud: LogEntry["cloud"], airC: number | null): Promise<StationRead> {
    let [ports, watts, socPct] = [0, 0, 0];
    for (const { inputId, portId, strings } of wiring.portArrays) {
      if (inputId === null || portId === null || strings.length === 0) continue;
      const sky = { ...unsaidSky, cloud: cloud ?? "clear", airC };
      const fault = { id: "fine", n: 1, strength: 0 } as const;
      const opened = await openBench({ plan, planId, wiringId: wiring.id, inputId, portId, sky, moment, fault });
      if (opened.type === "fault") return opened;
      const said = await browserClient.standIns.say(opened.id, ["PLUG in", "WAIT 30", "READ display"]);
      void browserClient.standIns.close(opened.id);
      if (said.type === "fault") return { type: "fault", message: said.fault.message };
      const answer = parseAnswer(said.value.answers.at(-1) ?? "");
      if (answer.type !== "display")
        return { type: "fault", message: useStationTexts.theSimulatedStationsDisplayShows };
      [ports, watts, socPct] = [ports + 1, watts + answer.watts, answer.socPct];
    }
    return ports === 0 ? { type: "fault", message: commonTexts.nothingWired } : { type: "read", watts, socPct };
  }
  return {
    isReading,
    read: async (cloud, airC) => {
      setReading(true);
      const read = await displays(cloud, airC);
      setReading(false);
      return read;
    },
  };
}
