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
  "layout.giveHowFarFromTheSide": "Enter how far from the bed's left side it begins.",
  "layout.atLeast0M": "0 or more.",
  "layout.giveAWidth": "Enter how wide it is.",
  "layout.atLeast2CmWide": (_about, say) => `At least ${say.distanceCm(2)} wide.`,
  "layout.giveHowFarFromTheEdge": "Enter how far from the edge the plants stand.",
  "layout.atLeast1CmFromTheEdge": (_about, say) => `At least ${say.distanceCm(1)} from the edge.`,
  "layout.giveTheSideOfASquare": "Enter how large a square is.",
  "layout.squaresAreAtLeast5Cm": (_about, say) => `A square is at least ${say.distanceCm(5)} wide.`,
  "layout.chooseAtLeastOneSquare": "Choose at least one square.",
  "layout.eachSquareOnce": "Each square counts once.",
  "layout.acrossProblem": ({ problem, bed, widthM }, say) => {
    const wide = `${bed} is ${say.lengthM(widthM, 2)} wide`;
    switch (problem) {
      case "stripPastTheSide":
        return `${wide}: the strip goes past its side. Make it narrower, or start it nearer the left side.`;
      case "sidesMeet":
        return `${wide}: the two strips meet in the middle. Make them narrower, or use the whole width.`;
      case "edgeMeetsItself":
        return `${wide}: there is no room so far from the edge. Plant nearer to it.`;
      case "cellPastTheSide":
        return `${wide}: a square goes past its side. Choose other squares, or smaller ones.`;
      case "cellPastTheEnd":
        return "A square lies past the end of this planting. Make it longer, or choose other squares.";
    }
  },
});
