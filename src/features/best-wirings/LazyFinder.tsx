"use client";

import dynamic from "next/dynamic";
import { type ComponentProps } from "react";
import type FinderSheet from "./FinderSheet";
import { lazyFinderTexts } from "@/messages/en/best-wirings/view";

const Loaded = dynamic(() => import("./FinderSheet"), {
  ssr: false,
  loading: () => <p role="status">{lazyFinderTexts.openingBestWirings}</p>,
});

/** The finder, loaded when it is first asked for. */
export function LazyFinder(props: ComponentProps<typeof FinderSheet>) {
  return <Loaded {...props} />;
}
