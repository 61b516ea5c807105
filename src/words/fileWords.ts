import type { FileWords } from "@/core/formats";
import { kindWords } from "./en/entries";
import { workWords } from "./en/works";
import { files } from "./en/files";
import type { LocalWording } from "./localWording";
import { tell } from "./tell";

/** What files for other programs say, in the reader's language and units. */
export function fileWords(say: LocalWording): FileWords {
  return {
    tell: (told) => tell(told, say),
    planned: (kind, subject) => files[kind]({ subject }),
    readyDates: ({ day, fullSizeDay, spread }) => {
      const date = (on: number) => say.date(on, day);
      const [early, late] = [spread?.p20 ?? null, spread?.p80 ?? null];
      return [
        early !== null && late !== null
          ? files.strays({ early: date(early), late: date(late) })
          : "",
        fullSizeDay !== null && fullSizeDay > day
          ? files.fullSize({ date: date(fullSizeDay) })
          : "",
      ]
        .filter((part) => part !== "")
        .join(" ");
    },
    asked: (work, subject) => `${workWords(work).ask}: ${subject}`,
    round: (count) => files.round({ count }),
    category: (of) => files[CATEGORIES[of]],
    ifLeft: (consequence) => files.ifLeft({ consequence }),
    logged: kindWords,
    temperature: files.temperature,
  };
}

const CATEGORIES = {
  sow: "sowing",
  harden: "planting",
  plantOut: "planting",
  ready: "harvest",
  night: "night",
  work: "work",
  round: "rounds",
} as const;
