"use client";

import { type StepModule } from "@/features/plan-session";
import { controllerStep } from "@/features/controllers";
import { logStep } from "@/features/log";
import { mountingStep } from "@/features/mounting";
import { needStep } from "@/features/need";
import { panelsStep } from "@/features/panels";
import { protectionStep } from "@/features/protection";
import { testStep } from "@/features/commissioning";
import { layoutStep } from "@/features/layout";
import { wiringStep } from "@/features/wiring";

/** The steps of the job, in the order people work. Trail, keys, routes and headings read this list. */
export const stepModules: readonly StepModule[] = [
  needStep,
  layoutStep,
  panelsStep,
  controllerStep,
  wiringStep,
  protectionStep,
  mountingStep,
  testStep,
  logStep,
];
