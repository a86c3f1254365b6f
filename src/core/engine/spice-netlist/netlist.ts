import { blockingDiode, bypassDiode } from "../iv";
import { type Net, type PanelNet, substringLight } from "../net";
import { atSky } from "../panel";

/** Thermal voltage at the 27 °C at which a SPICE simulator takes its diode models, V. */
const spiceThermalV = 8.617333262e-5 * 300.15;
/** A shunt so large that it stands for none, Ω, and a short so small that it stands for a wire. */
const noShuntOhm = 1e9;
const openOhm = 1e12;
const wireOhm = 1e-6;

export type Sweep = { readonly toV: number; readonly stepV: number };

/**
 * The net at its sky as a SPICE deck: every substring a current source, a diode, a shunt and a series
 * resistor, with its bypass diode across it; the output held by a source that sweeps from 0 V. A
 * general simulator runs it unchanged and prints the output current, positive out of the array.
 * Diodes are written with the ideality that gives their own cell temperature at the simulator's 27 °C.
 */
export function spiceNetlist(net: Net, sweep: Sweep, title: string): string {
  const deck = new Deck();
  deck.place(net, "out", "0");
  return [
    `* ${title.replace(/\s+/g, " ")}`,
    ...deck.models,
    ...deck.elements,
    "VOUT out 0 0",
    `.dc VOUT 0 ${number(sweep.toV)} ${number(sweep.stepV)}`,
    ".options gmin=1e-12 reltol=1e-6 abstol=1e-10 itl1=500 itl2=500",
    ".print dc i(VOUT)",
    ".end",
    "",
  ].join("\n");
}

class Deck {
  readonly elements: string[] = [];
  readonly models: string[] = [
    `.model DBYPASS D(IS=${number(bypassDiode.saturationA)} N=${number(bypassDiode.idealityV / spiceThermalV)} RS=${number(bypassDiode.seriesOhm)})`,
    `.model DBLOCK D(IS=${number(blockingDiode.saturationA)} N=${number(blockingDiode.idealityV / spiceThermalV)} RS=${number(blockingDiode.seriesOhm)})`,
  ];
  private readonly modelNames = new Map<string, string>();
  private count = 0;

  /** Puts a net between two nodes; current flows out at `plus`. */
  place(net: Net, plus: string, minus: string): void {
    const k = ++this.count;
    switch (net.type) {
      case "parallel":
        net.members.forEach((member) => this.place(member, plus, minus));
        return;
      case "series":
        this.chain(net.members.length, plus, minus, k, (member, from, to) =>
          this.place(net.members[member] as Net, from, to),
        );
        return;
      case "cable":
        this.elements.push(`R${k} ${minus} ${plus} ${number(Math.max(wireOhm, net.ohm))}`);
        return;
      case "fuse":
        this.elements.push(`R${k} ${minus} ${plus} ${number(net.open ? openOhm : wireOhm)}`);
        return;
      case "blockingDiode":
        this.elements.push(`D${k} ${minus} ${plus} DBLOCK`);
        return;
      case "panel": {
        const light = substringLight(net);
        this.chain(light.length, plus, minus, k, (part, from, to) =>
          this.substring(net, light[part] as number, light.length, from, to),
        );
      }
    }
  }

  /** Numbers the nodes between members one after another, from plus down to minus. */
  private chain(
    members: number,
    plus: string,
    minus: string,
    k: number,
    put: (member: number, from: string, to: string) => void,
  ): void {
    const node = (at: number) => (at === 0 ? plus : at === members ? minus : `n${k}_${at}`);
    for (let member = 0; member < members; member++) put(member, node(member), node(member + 1));
  }

  private substring(net: PanelNet, irradianceWm2: number, parts: number, plus: string, minus: string): void {
    const k = ++this.count;
    const p = atSky(net.model, irradianceWm2, net.cellTempC);
    const inner = `j${k}`;
    this.elements.push(
      `I${k} ${minus} ${inner} ${number(p.lightA)}`,
      `D${k} ${inner} ${minus} ${this.cellModel(p.saturationA, p.idealityV / parts)}`,
      `RP${k} ${inner} ${minus} ${number(p.shuntS > 0 ? 1 / (p.shuntS * parts) : noShuntOhm)}`,
      `RS${k} ${inner} ${plus} ${number(Math.max(wireOhm, p.seriesOhm / parts))}`,
    );
    if (net.model.bypassDiodes > 0) this.elements.push(`DB${k} ${minus} ${plus} DBYPASS`);
  }

  private cellModel(saturationA: number, idealityV: number): string {
    const text = `D(IS=${number(saturationA)} N=${number(idealityV / spiceThermalV)})`;
    const known = this.modelNames.get(text);
    if (known !== undefined) return known;
    const name = `DCELL${this.modelNames.size + 1}`;
    this.modelNames.set(text, name);
    this.models.push(`.model ${name} ${text}`);
    return name;
  }
}

function number(value: number): string {
  return value.toPrecision(9);
}
