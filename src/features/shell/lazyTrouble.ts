import { lazyPart } from "@/ui/frame/index";

/** What stands where something could not be drawn; fetched while the page rests, like all that is rare. */
export const Trouble = lazyPart(() => import("@/features/gardenFile/Trouble"));
