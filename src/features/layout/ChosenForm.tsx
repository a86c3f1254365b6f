"use client";

import { type Plan } from "@/core/plan";
import { keyOf } from "@/core/engine/array";
import { type Chosen } from "./chosen";
import { GlandForm } from "./forms/GlandForm";
import { ObstacleForm } from "./forms/ObstacleForm";
import { PlaceForm } from "./forms/PlaceForm";
import { SeveralForm } from "./forms/SeveralForm";
import { WayForm } from "./forms/WayForm";
import { ZoneForm } from "./forms/ZoneForm";
import { type Layout } from "./layout";
import { chosenFormTexts } from "@/messages/en/layout/view";

type Props = {
  readonly plan: Plan;
  readonly chosen: readonly Chosen[];
  readonly layout: Layout;
  readonly positionId: string;
  readonly onGone: () => void;
};

/** What is chosen on the drawing, by its numbers. */
export function ChosenForm({ plan, chosen, layout, positionId, onGone }: Props) {
  const [one] = chosen;
  if (chosen.length > 1) return <SeveralForm plan={plan} chosen={chosen} layout={layout} positionId={positionId} />;
  if (one === undefined) return null;
  const { places, obstacles, zones, glands, ways } = plan.space;
  const gone = <p style={{ margin: 0 }}>{chosenFormTexts.thisObjectHasBeenDeleted}</p>;
  switch (one.type) {
    case "panel": {
      const place = places.find((each) => keyOf(each) === one.id);
      return place === undefined ? (
        gone
      ) : (
        <PlaceForm key={one.id} plan={plan} place={place} positionId={positionId} onGone={onGone} />
      );
    }
    case "obstacle": {
      const obstacle = obstacles.find(({ id }) => id === one.id);
      return obstacle === undefined ? gone : <ObstacleForm key={one.id} obstacle={obstacle} onGone={onGone} />;
    }
    case "zone": {
      const zone = zones.find(({ id }) => id === one.id);
      return zone === undefined ? gone : <ZoneForm key={one.id} zone={zone} onGone={onGone} />;
    }
    case "gland": {
      const gland = glands.find(({ id }) => id === one.id);
      return gland === undefined ? gone : <GlandForm key={one.id} gland={gland} onGone={onGone} />;
    }
    case "way": {
      const way = ways.find(({ id }) => id === one.id);
      return way === undefined ? (
        gone
      ) : (
        <WayForm key={one.id} plan={plan} way={way} panels={layout.panels} onGone={onGone} />
      );
    }
  }
}
