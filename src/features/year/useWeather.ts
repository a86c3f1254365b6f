"use client";

import { useEffect, useState } from "react";
import { browserClient } from "@/api";
import { type Plan } from "@/core/plan";
import { type WeatherText } from "@/workers";

/** The weather file a plan goes by: none, on its way, here, or why it is not. */
export type Weather =
  | { readonly type: "none" }
  | { readonly type: "waiting" }
  | { readonly type: "here"; readonly text: WeatherText }
  | { readonly type: "lost"; readonly message: string };

/** Files fetched by this page; each is one object, so that a worker is sent it once. */
const fetched = new Map<string, WeatherText>();
const maxKept = 4;

/** Puts a file that was just read among those fetched. */
export function keepWeather(id: string, text: WeatherText): void {
  if (fetched.size >= maxKept) fetched.delete(fetched.keys().next().value ?? "");
  fetched.set(id, text);
}

export function useWeather({ site: { weather } }: Pick<Plan, "site">): Weather {
  const id = weather?.id ?? null;
  const [lost, setLost] = useState<{ readonly id: string; readonly message: string } | null>(null);
  const [, setHere] = useState<string | null>(null);
  useEffect(() => {
    if (id === null || fetched.has(id)) return;
    let stopped = false;
    void browserClient.readWeather(id).then((result) => {
      if (result.type === "ok") keepWeather(id, { text: result.value.text });
      if (stopped) return;
      if (result.type === "ok") setHere(id);
      else setLost({ id, message: result.fault.message });
    });
    return () => {
      stopped = true;
    };
  }, [id]);
  if (id === null) return { type: "none" };
  const text = fetched.get(id);
  if (text !== undefined) return { type: "here", text };
  return lost?.id === id ? { type: "lost", message: lost.message } : { type: "waiting" };
}
