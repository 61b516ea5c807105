import { capital } from "../../capital";
import type { BedSpaceFacts } from "@/core/facts";
import { learn } from "../../sentences";
import { coverWords } from "../../covers";

export const bedSpace = learn<BedSpaceFacts>({
  "bedSpace.chooseTheCrop": "Choose the crop.",
  "bedSpace.chooseTheBed": "Choose the bed.",
  "bedSpace.thatIsStillToCome": "That day is still to come: choose when it came into the bed.",
  "bedSpace.hasNoFreeGround": ({ bed }) =>
    `${bed} has no free ground: choose another bed, or make what stands there shorter.`,
  "bedSpace.holdsOnlySoMany": ({ bed, plants, crop }, say) =>
    `${bed} has space for ${say.number(plants)} of ${crop}. Enter fewer, or put the rest in another bed.`,
  "bedSpace.hasOnlySoMuchFree": ({ bed, freeM }, say) =>
    `${bed} has ${say.lengthM(freeM, 2)} free. Enter less, or choose another bed.`,
  "bedSpace.plantsInsteadOfTheBedIs": ({ plantsThen, plantsNow, widthM, widthM2 }) =>
    `${plantsThen} plants instead of ${plantsNow}: the bed is ${widthM < widthM2 ? "narrower" : "wider"}.`,
  "bedSpace.isTooShortForItThere": ({ bed }) => `${bed} is too short for it there.`,
  "bedSpace.theGroundIsFreeForAsLongAsItGrows": "The ground is free for as long as it grows.",
  "bedSpace.until": ({ untilDay }, say) => ` until ${say.date(untilDay)}`,
  "bedSpace.isGrowingThere": ({ other, until }, say) =>
    `${other} is growing there${say.tell(until)}.`,
  "bedSpace.itWouldNotBeReadyThere": "It would not be ready there.",
  "bedSpace.ready": ({ then }, say) => `Ready ${say.date(then)}.`,
  "bedSpace.readyTheSameAsHere": ({ then, now }, say) =>
    `Ready ${say.date(then, now)}, the same as here.`,
  "bedSpace.ready2": ({ then, now, days }, say) =>
    `Ready ${say.date(then, now)}, ${say.later(days)}.`,
  "bedSpace.hoursDirectSunADay": ({ more }, say) =>
    `${say.number(Math.abs(more), 1)} hours ${more > 0 ? "more" : "less"} direct sun a day.`,
  "bedSpace.babyLeafAndShootsDoNotCountTheyAre":
    "Baby leaf and shoots do not count: they are gone before anything builds up.",
  "bedSpace.ofTheSameFamilyWasSownHereIn": ({ crop, family, year }) =>
    `${crop} of the same family (${family}) was sown here in ${year}`,
  "bedSpace.theSameFamilyStoodHereIn": ({ family, year }) =>
    `The same family (${family}) stood here in ${year}`,
  "bedSpace.waitUntil": ({ who, year }, say) => `${say.tell(who)}; wait until ${year}.`,
  "bedSpace.insteadOf": ({ covers, coversNow }) =>
    `${capital(coverWords(covers))} instead of ${coverWords(coversNow)}.`,
});
