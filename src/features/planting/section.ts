import type { Growing, Timeline } from "@/core/schedule";
import type { PlanSettings, Site } from "@/core/growth";
import type { LocalWording } from "@/ui/wording";

/** What a stretch of the inspector is told about a planting. */
export interface SectionProps {
  site: Site;
  settings: PlanSettings;
  growing: Growing;
  timeline: Timeline;
  wording: LocalWording;
}
