"use client";

import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Typography from "@mui/material/Typography";
import { format, formatDistanceToNowStrict } from "date-fns";
import { browserClient, type PhonesState } from "@/api";
import { ThemeSwitch, PageHead, ReadyMark, Region } from "@/ui";
import { usePhones } from "./usePhones";

type Opened = {
  /** an address for phones, and a picture of it for their cameras */
  readonly doors: readonly { readonly address: string; readonly picture: string }[];
  readonly state: PhonesState;
};

/** Which phones may use this server beside the computer, and how one is let in; `null` where it answers this computer only. */
export function PhonesView({ opened }: { opened: Opened | "seenFromPhone" | null }) {
  return (
    <Box sx={{ minHeight: "100vh" }}>
      <PageHead>
        <ThemeSwitch />
      </PageHead>
      <Box component="main" sx={{ px: { xs: 1, md: 2 }, py: 2, display: "grid", gap: 2, maxWidth: 980 }}>
        <Typography variant="h1" component="h1">
          Phones
        </Typography>
        {opened === null ? <NotOpen /> : opened === "seenFromPhone" ? <OnPhone /> : <Open {...opened} />}
      </Box>
      <ReadyMark />
    </Box>
  );
}

function NotOpen() {
  return (
    <Region title="This computer only">
      <p style={{ marginTop: 0 }}>
        Golden Array answers this computer and nothing else. To take it to the roof on a phone in the same network, stop
        it and start it with
      </p>
      <Box component="pre" sx={{ p: 1, border: "1px solid var(--line)", overflowX: "auto" }} tabIndex={0}>
        npm start -- --lan
      </Box>
      <Warning />
    </Region>
  );
}

function OnPhone() {
  return (
    <Region title="This phone is let in">
      <p style={{ margin: 0 }}>Phones are let in and shut out on the computer itself, on this page there.</p>
    </Region>
  );
}

function Warning() {
  return (
    <p style={{ marginBottom: 0 }}>
      A paired phone can read and change every plan here. What goes between phone and computer is{" "}
      <strong>not encrypted</strong>: others in the same network can read it. Do it in a network you trust, and stop
      Golden Array when you are done.
    </p>
  );
}

function Open({ doors, state }: Opened) {
  const { phones, code, fault, makeCode, revoke } = usePhones(browserClient, state);
  return (
    <>
      <Region title="Let a phone in">
        <Box component="ol" sx={{ m: 0, pl: 2.5, display: "grid", gap: 1.5 }}>
          <li>
            Open one of these addresses on the phone, or point its camera at the picture. The phone has to be in the
            same network as this computer.
            <Box sx={{ display: "flex", gap: 3, flexWrap: "wrap", mt: 1 }}>
              {doors.map(({ address, picture }) => (
                <Box component="figure" key={address} sx={{ m: 0 }}>
                  {/* eslint-disable-next-line @next/next/no-img-element -- drawn by the server, a few hundred bytes */}
                  <img src={picture} alt={`Code for a camera: ${address}`} width={150} height={150} />
                  <Box component="figcaption" sx={{ fontFamily: "var(--font-figures, monospace)" }}>
                    {address}
                  </Box>
                </Box>
              ))}
            </Box>
          </li>
          <li>
            Make a pairing code and type it in there. It is good for two minutes, five tries and one phone.
            <Box sx={{ display: "flex", gap: 2, alignItems: "center", flexWrap: "wrap", mt: 1 }}>
              <Button variant="contained" onClick={makeCode}>
                {code === null ? "Make a pairing code" : "Make another"}
              </Button>
              <Box role="status" sx={{ minHeight: 48, display: "flex", gap: 2, alignItems: "baseline" }}>
                {code !== null && (
                  <>
                    <Box component="span" sx={{ fontSize: "2rem", letterSpacing: "0.12em" }}>
                      {code.digits.slice(0, 4)} {code.digits.slice(4)}
                    </Box>
                    <span>good until {format(code.untilMs, "HH:mm:ss")}</span>
                  </>
                )}
              </Box>
            </Box>
          </li>
        </Box>
        {fault !== null && <p role="alert">{fault}</p>}
        <Warning />
      </Region>
      <Region title="Phones that are let in">
        {phones.length === 0 ? (
          <p style={{ margin: 0 }}>None.</p>
        ) : (
          <Box component="ul" sx={{ listStyle: "none", m: 0, p: 0 }}>
            {phones.map(({ id, name, pairedAtMs, seenAtMs }) => (
              <Box
                component="li"
                key={id}
                sx={{
                  display: "flex",
                  gap: 2,
                  alignItems: "center",
                  flexWrap: "wrap",
                  py: 1,
                  borderTop: "1px solid var(--line)",
                  "&:first-of-type": { borderTop: 0 },
                }}
              >
                <strong>{name}</strong>
                <span>
                  paired {format(pairedAtMs, "HH:mm, d MMMM")}, last seen{" "}
                  {formatDistanceToNowStrict(seenAtMs, { addSuffix: true })}
                </span>
                <Button variant="outlined" size="small" sx={{ ml: "auto" }} onClick={() => revoke(id)}>
                  Shut out {name}
                </Button>
              </Box>
            ))}
          </Box>
        )}
      </Region>
    </>
  );
}
