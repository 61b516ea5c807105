import { cropLibrary } from "@/core/crops";
import type { Happened } from "@/core/practice";
import type { Cause } from "@/core/winter";
import type { LocalWording } from "@/ui/wording";
import { causeWords } from "@/words/en/causes";
import { practiceLines as say } from "@/words/en/practise";

const GRAMS_PER_KG = 1000;

/** Something that happened in a winter of practice, as a line. */
export function happenedWords(one: Happened, wording: LocalWording): string {
  const about = {
    date: wording.shortDate(one.day),
    crop: (cropLibrary.get(one.cropId)?.name ?? one.cropId).toLowerCase(),
    bed: one.bedId.replace("bed-", "").toUpperCase(),
  };
  const percent = "share" in one ? Math.round(one.share * 100) : 0;
  const low = "lowC" in one ? wording.temperature(one.lowC) : "";
  const high = "maxC" in one ? wording.temperature(Math.round(one.maxC)) : "";
  switch (one.kind) {
    case "froze":
      return (one.wasCovered ? say.frozeCovered : say.froze)({ ...about, low, percent });
    case "saved":
      return say.saved({ ...about, percent });
    case "neededNot":
      return say.neededNot({ ...about, low });
    case "scorched":
      return say.scorched({ ...about, high, percent });
    case "softened":
      return say.softened({ ...about, high });
    case "mould":
      return say.mould({ ...about, percent });
    case "picked":
      return say.picked({ ...about, kg: wording.weightG(one.kg * GRAMS_PER_KG) });
    case "over":
      return say.over({ ...about, cause: causeWords[one.by as Cause] });
    case "sown":
      return say.sown(about);
    case "ready":
      return say.ready(about);
  }
}
