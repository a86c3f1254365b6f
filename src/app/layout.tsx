import "@fontsource-variable/atkinson-hyperlegible-next/wght.css";
import "@fontsource-variable/atkinson-hyperlegible-next/wght-italic.css";
import "@fontsource-variable/besley/wght.css";
import { AppRouterCacheProvider } from "@mui/material-nextjs/v16-appRouter";
import { type Metadata, type Viewport } from "next";
import { cookies, headers } from "next/headers";
import { type ReactNode } from "react";
import { isLight, lightCookie, Lights, Nonce, Units, unitsCookie } from "@/ui";
import { ZodWithoutEval } from "./ZodWithoutEval";

export const metadata: Metadata = {
  title: "Golden Array",
  description: "Plan, wire and check small solar arrays: correct, instant, open about what it assumes.",
};

export const viewport: Viewport = { width: "device-width", initialScale: 1 };

export default async function RootLayout({ children }: { children: ReactNode }) {
  const nonce = (await headers()).get("x-nonce") ?? "";
  const kept = await cookies();
  const light = kept.get(lightCookie)?.value;
  return (
    <html lang="en">
      <body>
        <ZodWithoutEval />
        <AppRouterCacheProvider options={{ nonce, key: "ga" }}>
          <Nonce value={nonce}>
            <Lights initial={isLight(light) ? light : "paper"}>
              <Units initial={kept.get(unitsCookie)?.value === "us" ? "us" : "metric"}>{children}</Units>
            </Lights>
          </Nonce>
        </AppRouterCacheProvider>
      </body>
    </html>
  );
}
