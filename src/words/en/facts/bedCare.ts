import type { BedCareFacts } from "@/core/facts";
import { learn } from "../../sentences";

export const bedCare = learn<BedCareFacts>({
  "bedCare.nitrogenForMaterialDugIn": "Nitrogen for material dug in",
  "bedCare.anyQuickNitrogenByItsLabel": "any quick nitrogen, by its label",
  "bedCare.not": ({ lookAlikeSeed }) => `not ${lookAlikeSeed}`,
  "bedCare.partOfBlend": ({ crop, grams }, say) => `${crop} ${say.weightG(grams)}`,
  "bedCare.withInoculant": ({ inoculantGroup }) => `with inoculant: ${inoculantGroup}`,
  "bedCare.shadeOnOffNoShadeWhenItIsCoolOr": ({ first, last, shadedCount }, say) =>
    `Shade on ${say.date(first)}, off ${say.date(last + 1)}: ${shadedCount === 1 ? "a bright and warm day" : `${shadedCount} bright and warm days`}. No shade when it is cool or cloudy.`,
  "bedCare.noShadeItIsCoolOrCloudyAndLightIs":
    "No shade: it is cool or cloudy and light is scarce.",
  "bedCare.insectNettingAtOnceEdgesBuried": ({ restDay }, say) =>
    `Insect netting at once, edges buried${restDay === null ? "" : `, until about ${say.date(restDay)}, when its pests are inactive`}.`,
  "bedCare.waterALittleEveryDayUntilThen": ({ establishedDay }, say) =>
    `Water a little every day until ${say.date(establishedDay)}, then deeply and less often.`,
  "bedCare.mulch": ({ mulch }) => `Mulch: ${mulch}`,
  "bedCare.seed": ({ crop }) => `Seed: ${crop}`,
});
