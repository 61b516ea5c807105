import type { DayNumber } from "@/core/calendar";
import type { GreenManure } from "@/core/bedCare";
import type { SoilSchool } from "@/core/soil";
import { chanceWords } from "@/core/wording";
import type { LocalWording } from "@/ui/wording";

const WHEN_WORDS: Record<GreenManure["when"], string> = {
  open: "Sown",
  any: "Sown",
  early: "Not yet: sown",
  late: "Too late for a safe stand: sown",
};

/** What there is to know of a green manure here: window, depth, winter, end, seed. */
export function manureWords(
  { crop, window, when, winterKillChance, turnInDay }: GreenManure,
  school: SoilSchool,
  day: DayNumber,
  wording: LocalWording,
): string {
  const end = school === "dug" ? "Turn it in" : "Mow or crimp it and leave it on top";
  return [
    window &&
      `${WHEN_WORDS[when]} ${wording.date(window.fromDay, day)} to ${wording.date(window.toDay, day)}, ${wording.distanceCm(crop.depthCm)} deep.`,
    `Winter kills it ${chanceWords(winterKillChance)}.`,
    turnInDay !== null && turnInDay > day && `${end} by ${wording.date(turnInDay, day)}.`,
    crop.inoculantGroup && `Inoculant: ${crop.inoculantGroup}.`,
    crop.nitrogenForStraw && school === "dug" && "Its straw binds nitrogen at first.",
    crop.lookAlikeSeed && `Read the sack: ${crop.lookAlikeSeed} is sold under a like name.`,
    crop.note,
  ]
    .filter(Boolean)
    .join(" ");
}
