import type { LayoutFacts } from "@/core/facts";
import { learn } from "../../sentences";

export const layout = learn<LayoutFacts>({
  "layout.giveMetres": "Give metres.",
  "layout.thatIsFarOutsideAnyGarden": "That is far outside any garden.",
  "layout.giveALengthInMetres": "Give a length in metres.",
  "layout.atLeast01M": (_about, say) => `At least ${say.lengthM(0.1)}.`,
  "layout.atMost1000M": (_about, say) => `At most ${say.lengthM(1000)}.`,
  "layout.giveTheAngleInDegrees": "Give the angle in degrees.",
  "layout.atLeast0": "At least 0°.",
  "layout.lessThan180HalfATurnIsTheSameBed": "Less than 180°: half a turn is the same bed.",
  "layout.giveDegrees": "Give degrees.",
  "layout.lessThan360": "Less than 360°.",
});
