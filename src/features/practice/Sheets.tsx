import { type PanelSheet, type PortSheet } from "@/core/plan";
import { Facts } from "@/ui";
import { acceptWords, given } from "@/messages/en";
import style from "./practice.module.css";
import { sheetsTexts } from "@/messages/en/practice/view";

/** A panel's label, as it is printed on its back. */
export function LabelSheet({ label, count }: { readonly label: PanelSheet; readonly count: number | null }) {
  const line = (name: string, value: number | null, unit: "V" | "A" | "W") =>
    value === null ? [] : [[name, given(value, unit)] as const];
  return (
    <div className={style["label"]}>
      <strong>
        {count === null ? "" : `${count} × `}
        {label.name}
      </strong>
      <Facts
        facts={[
          ...line("Pmax", label.pmaxW, "W"),
          ...line("Voc", label.vocV, "V"),
          ...line("Isc", label.iscA, "A"),
          ...line("Vmp", label.vmpV, "V"),
          ...line("Imp", label.impA, "A"),
          ...line(sheetsTexts.maxSeriesFuseRating, label.maxSeriesFuseA, "A"),
        ]}
      />
    </div>
  );
}

/** What an input's sheet says of a port. */
export function PortLines({ ports }: { readonly ports: readonly PortSheet[] }) {
  return (
    <div className={style["label"]}>
      <strong>{sheetsTexts.pvInput}</strong>
      <Facts
        facts={ports.flatMap((port) => [
          [port.name, acceptWords(port)] as const,
          ...(port.batteryV === null
            ? []
            : [
                [
                  port.conversion === "pwm" ? sheetsTexts.batteryPwm : sheetsTexts.battery,
                  `${given(port.batteryV, "V")}${port.wakeMarginV === null ? "" : sheetsTexts.startUpVoltageWakeMarginVAboveIt(given(port.wakeMarginV, "V"))}`,
                ] as const,
              ]),
        ])}
      />
    </div>
  );
}
