import { type PanelSheet, type PortSheet } from "@/core/plan";
import { Facts } from "@/ui";
import { acceptWords, given } from "@/messages/en";
import style from "./practice.module.css";

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
          ...line("Max series fuse rating", label.maxSeriesFuseA, "A"),
        ]}
      />
    </div>
  );
}

/** What an input's sheet says of a port. */
export function PortLines({ ports }: { readonly ports: readonly PortSheet[] }) {
  return (
    <div className={style["label"]}>
      <strong>The input</strong>
      <Facts
        facts={ports.flatMap((port) => [
          [port.name, acceptWords(port)] as const,
          ...(port.batteryV === null
            ? []
            : [
                [
                  port.conversion === "pwm" ? "Battery, by PWM" : "Battery",
                  `${given(port.batteryV, "V")}${port.wakeMarginV === null ? "" : `, wakes ${given(port.wakeMarginV, "V")} above it`}`,
                ] as const,
              ]),
        ])}
      />
    </div>
  );
}
