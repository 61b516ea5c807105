import type { Nothing } from "./told";

/** What the room of bedCare has to say, and about what. */
export interface BedCareFacts {
  "bedCare.nitrogenForMaterialDugIn": Nothing;
  "bedCare.anyQuickNitrogenByItsLabel": Nothing;
  "bedCare.not": { lookAlikeSeed: string };
  "bedCare.partOfBlend": { crop: string; grams: number };
  "bedCare.withInoculant": { inoculantGroup: string };
  "bedCare.shadeOnOffNoShadeWhenItIsCoolOr": { first: number; last: number; shadedCount: number };
  "bedCare.noShadeItIsCoolOrCloudyAndLightIs": Nothing;
  "bedCare.insectNettingAtOnceEdgesBuried": { restDay: number | null };
  "bedCare.waterALittleEveryDayUntilThen": { establishedDay: number };
  "bedCare.mulch": { mulch: string };
  "bedCare.seed": { crop: string };
}
