import type { Paired } from "@/core/winter";
import type { LocalWording } from "@/ui/wording";
import { rehearse as say } from "@/words/en/rehearse";

const GRAMS_PER_KG = 1000;

/** A weight that may be less than nothing, with its sign. */
export function signedKg(kg: number, wording: LocalWording): string {
  const weight = wording.weightG(Math.abs(kg) * GRAMS_PER_KG);
  return kg < 0 && weight !== wording.weightG(0) ? `−${weight}` : weight;
}

/** How a change does against the plan: "Better in 83 of 100 winters, 4.1 kg more on average (3.2 to 5.0)". */
export function pairedWords(paired: Paired, wording: LocalWording): string {
  const { betterIn: better, winters, meanKg, interval, verdict } = paired;
  const [least, most] = interval;
  const kg = wording.weightG(Math.abs(meanKg) * GRAMS_PER_KG);
  const told = { better, winters, kg };
  switch (verdict) {
    case "better":
      return say.better({ ...told, from: signedKg(least, wording), to: signedKg(most, wording) });
    case "worse":
      return say.worse({ ...told, from: signedKg(-most, wording), to: signedKg(-least, wording) });
    case "same":
      return say.noDifference({
        winters,
        from: signedKg(least, wording),
        to: signedKg(most, wording),
      });
    case null:
      return say.notClear({
        better,
        winters,
        from: signedKg(least, wording),
        to: signedKg(most, wording),
      });
  }
}
