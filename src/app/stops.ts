"use client";

import { type StopModule } from "@/features/plan-session";
import { inputStop } from "@/features/controllers";
import { logStop } from "@/features/log";
import { mountStop } from "@/features/mounting";
import { needStop } from "@/features/need";
import { panelsStop } from "@/features/panels";
import { protectStop } from "@/features/protection";
import { proveStop } from "@/features/commissioning";
import { spaceStop } from "@/features/layout";
import { wireStop } from "@/features/wiring";

/** The stops of the job, in the order people work. Trail, keys, routes and headings read this list. */
export const stopModules: readonly StopModule[] = [
  needStop,
  spaceStop,
  panelsStop,
  inputStop,
  wireStop,
  protectStop,
  mountStop,
  proveStop,
  logStop,
];
