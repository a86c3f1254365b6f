import { type PortFieldName } from "@/core/plan";

/** What each number of a PV input is called, everywhere; what it is; and what counts where it is empty. */
export const portFieldWords: Readonly<
  Record<PortFieldName, { readonly name: string; readonly help: string; readonly empty: string }>
> = {
  minV: {
    name: "Min operating voltage",
    help: "Min operating voltage, the low end of the MPPT range: below this the controller harvests nothing and shows 0 W.",
    empty: "not stated",
  },
  maxV: {
    name: "Max PV voltage",
    help: "Max PV voltage. More than this on a cold morning switches the controller off or destroys it.",
    empty: "needed",
  },
  maxW: {
    name: "Max PV power",
    help: "The highest power used, or the highest power that you are allowed to connect: choose which beside it.",
    empty: "not stated",
  },
  batteryMaxA: {
    name: "Max charge current",
    help: "The most amps the controller puts into the battery, often the number in its name. Times battery volts it is a watt limit.",
    empty: "not stated",
  },
  pwmDropV: {
    name: "PWM voltage drop",
    help: "Volts lost between array and battery in a PWM controller and its leads. Empty: 0.5 V is assumed.",
    empty: "0.5 assumed",
  },
  wakeV: {
    name: "Start-up voltage",
    help: "Volts at which the controller first wakes, if that is more than its min operating voltage.",
    empty: "as min operating",
  },
  batteryV: {
    name: "Battery voltage",
    help: "Volts of the battery behind a charge controller. The array must stay above it.",
    empty: "none",
  },
  wakeMarginV: {
    name: "Start-up above battery",
    help: "Volts over the battery the array needs before the controller starts, often 5.",
    empty: "none",
  },
  stayMarginV: {
    name: "Stay-on above battery",
    help: "Volts over the battery it needs to keep running, often 1.",
    empty: "none",
  },
};
