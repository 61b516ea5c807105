import type { Nothing } from "./told";

/** What the room of layout has to say, and about what. */
export interface LayoutFacts {
  "layout.giveMetres": Nothing;
  "layout.thatIsFarOutsideAnyGarden": Nothing;
  "layout.giveALengthInMetres": Nothing;
  "layout.atLeast01M": Nothing;
  "layout.atMost1000M": Nothing;
  "layout.giveTheAngleInDegrees": Nothing;
  "layout.atLeast0": Nothing;
  "layout.lessThan180HalfATurnIsTheSameBed": Nothing;
  "layout.giveDegrees": Nothing;
  "layout.lessThan360": Nothing;
  "layout.giveHowFarFromTheSide": Nothing;
  "layout.atLeast0M": Nothing;
  "layout.giveAWidth": Nothing;
  "layout.atLeast2CmWide": Nothing;
  "layout.giveHowFarFromTheEdge": Nothing;
  "layout.atLeast1CmFromTheEdge": Nothing;
  "layout.giveTheSideOfASquare": Nothing;
  "layout.squaresAreAtLeast5Cm": Nothing;
  "layout.chooseAtLeastOneSquare": Nothing;
  "layout.eachSquareOnce": Nothing;
  "layout.acrossProblem": {
    problem:
      "stripPastTheSide" | "sidesMeet" | "edgeMeetsItself" | "cellPastTheSide" | "cellPastTheEnd";
    bed: string;
    widthM: number;
  };
}
