import type { DayNumber } from "@/core/calendar";
import type { GreenManure } from "@/core/bedCare";
import { CEREAL_NITROGEN_G_PER_M2, type SoilSchool } from "@/core/soil";
import { chanceWords } from "@/words";
import type { LocalWording } from "@/ui/wording";
import { beds as say } from "@/words/en/beds";
import { feeding } from "@/words/en/feeding";

const WHEN_WORDS: Record<GreenManure["when"], string> = {
  open: say.sown2,
  any: say.sown2,
  early: say.tooEarlySow,
  late: say.tooLateForAReliableStandSow,
};

/** What there is to know of a green manure here: window, depth, winter, end, seed. */
export function manureWords(
  { crop, window, when, winterKillChance, turnInDay }: GreenManure,
  school: SoilSchool,
  day: DayNumber,
  wording: LocalWording,
): string {
  const end = school === "dug" ? say.turnItIn : say.mowOrCrimpItAndLeaveItOnTop;
  return [
    window &&
      say.toDeep({
        WHEN_WORDS: WHEN_WORDS[when],
        date: wording.date(window.fromDay, day),
        date2: wording.date(window.toDay, day),
        distance: wording.distanceCm(crop.depthCm),
      }),
    window?.season !== "spring" && say.winterKillsIt({ chance: chanceWords(winterKillChance) }),
    turnInDay !== null && turnInDay > day && say.by({ end, date: wording.date(turnInDay, day) }),
    crop.kind === "cereal" &&
      feeding.beforeWinterItWantsNitrogen({ rate: wording.ratePerM2(CEREAL_NITROGEN_G_PER_M2) }),
    crop.inoculantGroup && say.inoculant({ inoculantGroup: crop.inoculantGroup }),
    crop.nitrogenForStraw && school === "dug" && say.itsStrawTiesUpNitrogenAtFirst,
    crop.lookAlikeSeed &&
      say.checkTheSackIsSoldUnderASimilar({ lookAlikeSeed: crop.lookAlikeSeed }),
    crop.note,
  ]
    .filter(Boolean)
    .join(" ");
}
