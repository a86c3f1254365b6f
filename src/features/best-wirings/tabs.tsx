"use client";

import dynamic from "next/dynamic";
import { Region } from "@/ui";
import { DoneBar } from "./DoneBar";
import { finderTabsTexts } from "@/messages/en/best-wirings/view";

const loading = () => <p role="status">{finderTabsTexts.openingBestWirings}</p>;
const Arrange = dynamic(() => import("./Arrange").then((part) => part.Arrange), { ssr: false, loading });
const Buy = dynamic(() => import("./Buy").then((part) => part.Buy), { ssr: false, loading });

/** What is owned, wired as well as may be; loaded when it is first asked for. */
export function BestWirings() {
  return (
    <>
      <Region title={finderTabsTexts.findBestWirings}>
        <Arrange />
      </Region>
      <DoneBar />
    </>
  );
}

/** What to buy beside what is owned; loaded when it is first asked for. */
export function WhatToBuy() {
  return (
    <>
      <Region title={finderTabsTexts.whatToBuy}>
        <Buy />
      </Region>
      <DoneBar />
    </>
  );
}
