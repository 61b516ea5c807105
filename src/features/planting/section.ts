import type { Growing, Timeline } from "@/core/schedule";
import type { PlanSettings, Site } from "@/core/growth";

/** What a stretch of the inspector is told about a planting. */
export interface SectionProps {
  site: Site;
  settings: PlanSettings;
  growing: Growing;
  timeline: Timeline;
}
