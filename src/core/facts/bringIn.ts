import type { Nothing } from "./told";

/** What the room of tables that are brought in has to say, and about what. */
export interface BringInFacts {
  "bringIn.noTable": Nothing;
  "bringIn.oneColumn": Nothing;
  "bringIn.openQuote": { line: number };
  "bringIn.tooManyRows": { most: number };
  "bringIn.mixedDates": { dayFirstLine: number; monthFirstLine: number };
  "bringIn.datesReadDayFirst": Nothing;
  "bringIn.noDate": { cell: string };
  "bringIn.noSuchCrop": { cell: string };
  "bringIn.noSuchPlace": { cell: string };
  "bringIn.noSuchDeed": { cell: string };
  "bringIn.noNumber": { cell: string };
  "bringIn.noPlantingOfIt": { crop: string; place: string; day: number };
  "bringIn.beforeItWasSown": { crop: string; day: number; sownDay: number };
  "bringIn.isToCome": { day: number };
  "bringIn.thereAlready": Nothing;
  "bringIn.noYear": { cell: string };
  "bringIn.nothingToWeigh": Nothing;
  "bringIn.noFreeGround": { bed: string; lengthM: number };
}
