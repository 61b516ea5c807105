import type { LogbookFacts } from "@/core/facts";
import { placeWords } from "../../storePlaces";
import { learn } from "../../sentences";

const EXAMPLES: Record<string, string> = {
  sown: "sowed spinach bed 7",
  lost: "lost half the lettuce to slugs",
};

export const logbook = learn<LogbookFacts>({
  "logbook.lowestInOutside": ({ tempC, where, tempC2 }, say) =>
    `Lowest ${say.temperature(tempC, 1)} in ${where ?? ""}, ${say.temperature(tempC2, 1)} outside.`,
  "logbook.typeWhatHappened": (_about, say) => `Type what happened: “${say.examplePicking} kale”.`,
  "logbook.isInTheFuture": ({ day, today }, say) =>
    `${say.date(day, today)} is in the future: the log takes what has happened.`,
  "logbook.isNotRecognized": ({ unknown }) =>
    `“${unknown}” is not recognized: name a crop, a bed, a shelter or what you did.`,
  "logbook.whatDidYouDo": ({ crop, text }) =>
    `What did you do with ${crop === null ? `“${text}”` : `the ${crop}`}? Start with sowed, planted, picked, lost, watered or saw.`,
  "logbook.whichCrop": ({ kind }, say) =>
    `Which crop? Name it and its bed: “${EXAMPLES[kind] ?? `${say.examplePicking} kale`}”.`,
  "logbook.howMuchWasLost":
    "How much was lost? Give a share or a number of plants: “lost half the lettuce to slugs”.",
  "logbook.keptAsANote": ({ why }, say) => `Kept as a note. ${say.tell(why)}`,
  "logbook.moved": ({ planting, bed }) => `${planting} moved to ${bed}.`,
  "logbook.onlySomeFit": ({ bed, fitting, count }, say) =>
    `${bed} has space for ${say.number(fitting)} of the ${say.number(count)}: saving adds as many. Give the rest another bed.`,
  "logbook.noSuchPlanting": "No such planting in the plan: saving adds it.",
  "logbook.hasNoSpace": ({ bed, day }, say) =>
    `${bed} has no space on ${say.date(day)}: clear what is growing there first.`,
  "logbook.nothingThere": ({ crop, where, kind, day, today }, say) => {
    const subject = crop === null ? "Nothing" : `No ${crop.toLowerCase()}`;
    const there = where ?? "the garden";
    if (kind === "sown")
      return `${subject} is planned for ${there} but not sown: name the bed and it is added.`;
    if (kind === "plantedOut") return `${subject} is ready to transplant in ${there}.`;
    if (kind === "emerged") return `${subject} is due up in ${there}.`;
    return `${subject} grows in ${there} on ${say.date(day, today)}: name the crop and the bed as they are in the plan.`;
  },
  "logbook.moreThanUsual": ({ usualG }, say) =>
    `That is more than the whole planting usually yields (${say.weightG(Math.round(usualG / 100) * 100)}).`,
  "logbook.whereMeasured":
    "Where was it measured? Name a shelter or a bed, or write “out”: “-3.5 in the house”.",
  "logbook.savedWithTheNote": ({ note }) => `Saved with the note “${note}”.`,
  "logbook.itCannotBeRead": "It cannot be read.",
  "logbook.inStore": ({ place }) => placeWords(place),
  "logbook.outside": "Outside",
});
