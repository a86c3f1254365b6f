import { maxOf } from "@/core/plan";
import { type Desk, poseIdOf, wiringOf } from "@/features/plan-session";

export const maxPoses = maxOf.poses;

/** Shows how the panels stand in another pose; no plug moves, so what is selected stays so. */
export function showPose(desk: Desk, poseId: string): void {
  desk.set({ poseId });
}

/** The next pose that the wiring on the board is used in, round and round. */
export function stepPose(desk: Desk): void {
  const state = desk.now();
  const { poseIds } = wiringOf(state);
  const next = poseIds[(poseIds.indexOf(poseIdOf(state)) + 1) % poseIds.length];
  if (next !== undefined) showPose(desk, next);
}

/** A new pose like the one shown, for the wiring on the board, and shown. */
export function addPose(desk: Desk, id: string): void {
  const state = desk.now();
  const { poses } = state.history.present;
  if (poses.length >= maxPoses) return;
  const like = poseIdOf(state);
  const name = `${(poses.find((pose) => pose.id === like)?.name ?? "Pose").slice(0, 70)}, copy`;
  desk.change({ type: "addPose", id, name, like, wiringId: wiringOf(state).id });
  showPose(desk, id);
}

/** Whether the wiring on the board is used in a pose. A pose it comes to be used in is shown. */
export function setPoseUsed(desk: Desk, poseId: string, used: boolean): void {
  const wiringId = wiringOf(desk.now()).id;
  desk.change({ type: "usePose", wiringId, poseId, used });
  if (used) showPose(desk, poseId);
}
