import type { StoredAt } from "./food";
import type { Nothing, Told } from "./told";
/** What the room of logbook has to say, and about what. */
export interface LogbookFacts {
  "logbook.lowestInOutside": { tempC: number; where: undefined | string; tempC2: number };
  "logbook.typeWhatHappened": Nothing;
  "logbook.isInTheFuture": { day: number; today: number };
  "logbook.isNotRecognized": { unknown: string };
  "logbook.whatDidYouDo": { crop: string | null; text: string };
  "logbook.whichCrop": { kind: string };
  "logbook.howMuchWasLost": Nothing;
  "logbook.keptAsANote": { why: Told };
  "logbook.moved": { planting: string; bed: string };
  "logbook.noSuchPlanting": Nothing;
  "logbook.onlySomeFit": { bed: string; fitting: number; count: number };
  "logbook.hasNoSpace": { bed: string; day: number };
  "logbook.nothingThere": {
    crop: string | null;
    where: string | null;
    kind: "sown" | "plantedOut" | "emerged" | "harvested" | "lost" | "cleared";
    day: number;
    today: number;
  };
  "logbook.moreThanUsual": { usualG: number };
  "logbook.whereMeasured": Nothing;
  "logbook.savedWithTheNote": { note: string };
  "logbook.itCannotBeRead": Nothing;
  "logbook.outside": Nothing;
  "logbook.inStore": { place: StoredAt };
}
