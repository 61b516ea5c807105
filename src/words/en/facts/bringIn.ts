import type { BringInFacts } from "@/core/facts";
import { learn } from "../../sentences";

export const bringIn = learn<BringInFacts>({
  "bringIn.noTable":
    "There is no table in it: a line of headings, and a line below for each entry, as a spreadsheet saves it as CSV.",
  "bringIn.oneColumn":
    "It has only one column: save it as CSV with commas, semicolons or tabs between the cells.",
  "bringIn.openQuote": ({ line }) =>
    `A cell in line ${line} begins with a quotation mark (") that is never closed: close it, or take it away.`,
  "bringIn.tooManyRows": ({ most }, say) =>
    `More than ${say.number(most)} lines: bring it in in parts.`,
  "bringIn.mixedDates": ({ dayFirstLine, monthFirstLine }) =>
    `Its dates are mixed: line ${dayFirstLine} only reads with the day first, line ${monthFirstLine} only with the month first. Write them like 2026-08-20.`,
  "bringIn.datesReadDayFirst":
    "Dates like 03/04/2026 were read with the day first: 3 April. Write them like 2026-04-03 if that is wrong.",
  "bringIn.noDate": ({ cell }) => `“${cell}” is no date: write it like 2026-08-20.`,
  "bringIn.noSuchCrop": ({ cell }) => `No crop is called “${cell}” here.`,
  "bringIn.noSuchPlace": ({ cell }) => `No bed or shelter is called “${cell}” here.`,
  "bringIn.noNumber": ({ cell }) => `“${cell}” is no amount: write it like 1.2 or 1.2 kg.`,
  "bringIn.noPlantingOfIt": ({ crop, place, day }, say) =>
    `No planting of ${crop}${place === "" ? "" : ` in ${place}`} that this can mean on ${say.date(day)}: bring its planting in first.`,
  "bringIn.beforeItWasSown": ({ crop, day, sownDay }, say) =>
    `${crop} harvested on ${say.date(day)}, but sown on ${say.date(sownDay)}: check both dates.`,
  "bringIn.isToCome": ({ day }, say) =>
    `${say.date(day)} is still to come: the log takes what has happened.`,
  "bringIn.noSuchDeed": ({ cell }) =>
    `“${cell}” is nothing that can be brought in: write what was done as in Picked, Sown, Watered, Lost.`,
  "bringIn.thereAlready": "It is there already.",
  "bringIn.noYear": ({ cell }) => `“${cell}” is no year: write it like 2026.`,
  "bringIn.nothingToWeigh": "It says neither a weight nor a count.",
  "bringIn.noFreeGround": ({ bed, lengthM }, say) =>
    `${bed} has no ${say.lengthM(lengthM)} free there at that time.`,
});
