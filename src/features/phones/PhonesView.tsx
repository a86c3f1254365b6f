"use client";

import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Typography from "@mui/material/Typography";
import { format, formatDistanceToNowStrict } from "date-fns";
import { browserClient, type PhonesState } from "@/api";
import { ThemeSwitch, PageHead, ReadyMark, Region } from "@/ui";
import { usePhones } from "./usePhones";
import { phonesViewTexts } from "@/messages/en/phones/view";

type Opened = {
  /** an address for phones, and a picture of it for their cameras */
  readonly doors: readonly { readonly address: string; readonly picture: string }[];
  readonly state: PhonesState;
};

/** Which phones may use this server beside the computer, and how one is let in; `null` where it answers this computer only. */
const startWithLan = "npm start -- --lan";

export function PhonesView({ opened }: { opened: Opened | "seenFromPhone" | null }) {
  return (
    <Box sx={{ minHeight: "100vh" }}>
      <PageHead>
        <ThemeSwitch />
      </PageHead>
      <Box component="main" sx={{ px: { xs: 1, md: 2 }, py: 2, display: "grid", gap: 2, maxWidth: 980 }}>
        <Typography variant="h1" component="h1">
          {phonesViewTexts.phones}
        </Typography>
        {opened === null ? <NotOpen /> : opened === "seenFromPhone" ? <OnPhone /> : <Open {...opened} />}
      </Box>
      <ReadyMark />
    </Box>
  );
}

function NotOpen() {
  return (
    <Region title={phonesViewTexts.thisComputerOnly}>
      <p style={{ marginTop: 0 }}>{phonesViewTexts.goldenArrayAnswersThisComputer}</p>
      <Box component="pre" sx={{ p: 1, border: "1px solid var(--line)", overflowX: "auto" }} tabIndex={0}>
        {startWithLan}
      </Box>
      <Warning />
    </Region>
  );
}

function OnPhone() {
  return (
    <Region title={phonesViewTexts.thisPhoneIsPaired}>
      <p style={{ margin: 0 }}>{phonesViewTexts.phonesAreAddedAndRemovedOnThe}</p>
    </Region>
  );
}

function Warning() {
  return (
    <p style={{ marginBottom: 0 }}>
      {phonesViewTexts.aPairedPhoneCanReadAndChange} <strong>{phonesViewTexts.notEncrypted}</strong>
      {phonesViewTexts.othersInTheSameNetworkCanReadIt}
    </p>
  );
}

function Open({ doors, state }: Opened) {
  const { phones, code, fault, makeCode, revoke } = usePhones(browserClient, state);
  return (
    <>
      <Region title={phonesViewTexts.pairAPhone}>
        <Box component="ol" sx={{ m: 0, pl: 2.5, display: "grid", gap: 1.5 }}>
          <li>
            {phonesViewTexts.openOneOfTheseAddressesOnThe}
            <Box sx={{ display: "flex", gap: 3, flexWrap: "wrap", mt: 1 }}>
              {doors.map(({ address, picture }) => (
                <Box component="figure" key={address} sx={{ m: 0 }}>
                  {/* eslint-disable-next-line @next/next/no-img-element -- drawn by the server, a few hundred bytes */}
                  <img src={picture} alt={phonesViewTexts.codeForACameraAddress(address)} width={150} height={150} />
                  <Box component="figcaption" sx={{ fontFamily: "var(--font-figures, monospace)" }}>
                    {address}
                  </Box>
                </Box>
              ))}
            </Box>
          </li>
          <li>
            {phonesViewTexts.makeAPairingCodeAndEnterItOnThe}
            <Box sx={{ display: "flex", gap: 2, alignItems: "center", flexWrap: "wrap", mt: 1 }}>
              <Button variant="contained" onClick={makeCode}>
                {code === null ? phonesViewTexts.makeAPairingCode : phonesViewTexts.makeAnotherCode}
              </Button>
              <Box role="status" sx={{ minHeight: 48, display: "flex", gap: 2, alignItems: "baseline" }}>
                {code !== null && (
                  <>
                    <Box component="span" sx={{ fontSize: "2rem", letterSpacing: "0.12em" }}>
                      {code.digits.slice(0, 4)} {code.digits.slice(4)}
                    </Box>
                    <span>{phonesViewTexts.validUntilTime(format(code.untilMs, "HH:mm:ss"))}</span>
                  </>
                )}
              </Box>
            </Box>
          </li>
        </Box>
        {fault !== null && <p role="alert">{fault}</p>}
        <Warning />
      </Region>
      <Region title={phonesViewTexts.pairedPhones}>
        {phones.length === 0 ? (
          <p style={{ margin: 0 }}>{phonesViewTexts.none}</p>
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
                  {phonesViewTexts.pairedDateLastSeenAgo(
                    format(pairedAtMs, "HH:mm, d MMMM"),
                    formatDistanceToNowStrict(seenAtMs, { addSuffix: true }),
                  )}
                </span>
                <Button variant="outlined" size="small" sx={{ ml: "auto" }} onClick={() => revoke(id)}>
                  {phonesViewTexts.removeName(name)}
                </Button>
              </Box>
            ))}
          </Box>
        )}
      </Region>
    </>
  );
}
