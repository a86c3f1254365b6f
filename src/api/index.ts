export { browserClient } from "./browser";
export { type ApiClient, createClient, type ShelfClient } from "./client";
export {
  type Added,
  addedSchema,
  archivingSchema,
  type ApiFault,
  type ApiFaultType,
  type ApiResult,
  apiFaultSchema,
  type InputRecord,
  mayPass,
  newPlanSchema,
  newWeatherSchema,
  type PanelRecord,
  type PhonesState,
  type PlanSummary,
  type Receipt,
  retiringSchema,
  type SavedPlan,
  type Town,
  type UnreadableSheet,
  type WeatherRecord,
} from "./contract";
