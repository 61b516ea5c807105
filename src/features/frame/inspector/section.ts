import type { Growing, PlanSettings, Site, Timeline } from "@/core/plan";
import type { LocalWording } from "@/ui/wording";

/** What a stretch of the inspector is told about a planting. */
export interface SectionProps {
  site: Site;
  settings: PlanSettings;
  growing: Growing;
  timeline: Timeline;
  wording: LocalWording;
}
