"use client";

import { type StopModule } from "@/features/desk";
import { inputStop } from "@/features/input";
import { logStop } from "@/features/log";
import { mountStop } from "@/features/mount";
import { needStop } from "@/features/need";
import { panelsStop } from "@/features/panels";
import { protectStop } from "@/features/protect";
import { proveStop } from "@/features/prove";
import { spaceStop } from "@/features/space";
import { wireStop } from "@/features/wire";

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
