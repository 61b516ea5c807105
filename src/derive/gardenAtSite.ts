import type { Garden } from "@/core/garden";
import type { Site } from "@/core/growth";

/** A garden with its place, as everything is derived from the two. */
export interface GardenAtSite {
  garden: Garden;
  site: Site;
}
