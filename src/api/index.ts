export { type ApiClient, createClient } from "./client";
export {
  type ApiFault, type ApiFaultType, type ApiResult, apiFaultSchema, type InputRecord, newPlanSchema, type PanelRecord, type PlanSummary, type SavedPlan,
} from "./contract";
