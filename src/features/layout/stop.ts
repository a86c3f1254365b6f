import dynamic from "next/dynamic";
import { type StopModule } from "@/features/plan-session";
import { stopNames } from "@/messages/en";

export const spaceStop: StopModule = {
  id: "space",
  name: stopNames.space,
  View: dynamic(() => import("./SpaceStop").then(({ SpaceStop }) => SpaceStop)),
  loadPrint: () => import("./SpacePrint").then(({ SpacePrint }) => SpacePrint),
  built: true,
  search: ({ space }) => [...space.surfaces, ...space.obstacles].map(({ name }) => name),
  state: ({ space }) => {
    if (space.surfaces.length === 0) return "empty";
    return space.places.length === 0 ? "question" : "ready";
  },
};
