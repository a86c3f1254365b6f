import { type DeviceSheet, type PanelSheet, type Plan, type PortSheet, type Stop, type Wiring } from "./document";

/** Everything a person can do to a plan. Each is data, so that it can be replayed, tested and named. */
export type Change =
  | { readonly type: "rename"; readonly name: string }
  | { readonly type: "setSite"; readonly patch: Partial<Plan["site"]> }
  | { readonly type: "setNote"; readonly stop: Stop; readonly text: string }
  | { readonly type: "addPanel"; readonly id: string; readonly libraryId: string | null; readonly label: PanelSheet }
  | { readonly type: "setLabel"; readonly panelId: string; readonly patch: Partial<PanelSheet> }
  | { readonly type: "removePanel"; readonly panelId: string }
  | { readonly type: "addInput"; readonly id: string; readonly libraryId: string | null; readonly device: DeviceSheet }
  | { readonly type: "setDevice"; readonly inputId: string; readonly patch: Partial<Pick<DeviceSheet, "name" | "kind">> }
  | { readonly type: "setPort"; readonly inputId: string; readonly portId: string; readonly patch: Partial<Omit<PortSheet, "id">> }
  | { readonly type: "addPort"; readonly inputId: string; readonly port: PortSheet }
  | { readonly type: "removePort"; readonly inputId: string; readonly portId: string }
  | { readonly type: "removeInput"; readonly inputId: string }
  | { readonly type: "setWiring"; readonly wiringId: string; readonly patch: Partial<Omit<Wiring, "id">> };

/** The plan after a change. Pure; a change that names nothing in the plan returns it as it was. */
export function applyChange(plan: Plan, change: Change): Plan {
  switch (change.type) {
    case "rename":
      return { ...plan, name: change.name };
    case "setSite":
      return { ...plan, site: { ...plan.site, ...change.patch } };
    case "setNote":
      return { ...plan, notes: { ...plan.notes, [change.stop]: change.text } };
    case "addPanel": {
      const panels = [...plan.panels, { id: change.id, libraryId: change.libraryId, label: change.label }];
      return adoptWhereOpen({ ...plan, panels }, (wiring) => (wiring.panelId === null ? { ...wiring, panelId: change.id } : wiring));
    }
    case "setLabel":
      return { ...plan, panels: patchById(plan.panels, change.panelId, (panel) => ({ ...panel, label: { ...panel.label, ...change.patch } })) };
    case "removePanel": {
      const panels = plan.panels.filter((panel) => panel.id !== change.panelId);
      return adoptWhereOpen({ ...plan, panels }, (wiring) => (wiring.panelId === change.panelId ? { ...wiring, panelId: panels[0]?.id ?? null } : wiring));
    }
    case "addInput": {
      const inputs = [...plan.inputs, { id: change.id, libraryId: change.libraryId, device: change.device }];
      const portId = change.device.ports[0]?.id ?? null;
      return adoptWhereOpen({ ...plan, inputs }, (wiring) => (wiring.inputId === null ? { ...wiring, inputId: change.id, portId } : wiring));
    }
    case "setDevice":
      return withDevice(plan, change.inputId, (device) => ({ ...device, ...change.patch }));
    case "setPort":
      return withDevice(plan, change.inputId, (device) => ({ ...device, ports: patchById(device.ports, change.portId, (port) => ({ ...port, ...change.patch })) }));
    case "addPort":
      return withDevice(plan, change.inputId, (device) => ({ ...device, ports: [...device.ports, change.port] }));
    case "removePort": {
      const without = withDevice(plan, change.inputId, (device) => ({ ...device, ports: device.ports.filter((port) => port.id !== change.portId) }));
      return adoptWhereOpen(without, (wiring) => (wiring.inputId === change.inputId && wiring.portId === change.portId ? { ...wiring, portId: firstPort(without, change.inputId) } : wiring));
    }
    case "removeInput": {
      const without = { ...plan, inputs: plan.inputs.filter((input) => input.id !== change.inputId) };
      const next = without.inputs[0]?.id ?? null;
      return adoptWhereOpen(without, (wiring) => (wiring.inputId === change.inputId ? { ...wiring, inputId: next, portId: firstPort(without, next) } : wiring));
    }
    case "setWiring":
      return { ...plan, wirings: patchById(plan.wirings, change.wiringId, (wiring) => ({ ...wiring, ...change.patch })) };
  }
}

function firstPort(plan: Plan, inputId: string | null): string | null {
  return plan.inputs.find((input) => input.id === inputId)?.device.ports[0]?.id ?? null;
}

function adoptWhereOpen(plan: Plan, adopt: (wiring: Wiring) => Wiring): Plan {
  return { ...plan, wirings: plan.wirings.map(adopt) };
}

function withDevice(plan: Plan, inputId: string, change: (device: DeviceSheet) => DeviceSheet): Plan {
  return { ...plan, inputs: patchById(plan.inputs, inputId, (input) => ({ ...input, device: change(input.device) })) };
}

function patchById<T extends { readonly id: string }>(list: T[], id: string, change: (item: T) => T): T[] {
  return list.map((item) => (item.id === id ? change(item) : item));
}
