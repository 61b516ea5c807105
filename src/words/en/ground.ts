import { table } from "../table";

/** How something lies across its bed. */
export const ground = table({
  acrossTheBed: "Across the bed",
  inEach: "In each",
  whole: "Whole width",
  strip: "A strip or a line",
  sides: "Both sides, the middle left free",
  edge: "Around the edge, one line",
  cells: "Squares of a grid",
  fromTheLeft: ({ short }: { short: string }) => `From the left side (${short})`,
  wide: ({ short }: { short: string }) => `Width (${short})`,
  eachSideWide: ({ short }: { short: string }) => `Width of each (${short})`,
  fromTheEdge: ({ short }: { short: string }) => `From the edge (${short})`,
  fromTheRim: ({ short }: { short: string }) => `From the rim (${short})`,
  square: ({ short }: { short: string }) => `Side of a square (${short})`,
  enterFromTheLeft: "Enter how far from the left side it begins: 0 is along the side.",
  enterWide: "Enter how wide it is.",
  enterInset: "Enter how far in from the edge the line runs.",
  enterSquare: "Enter how large a square is.",
  chooseSquares: "Choose at least one square in the drawing.",
  drawHint: "Draw across the bed to place it. You stand at its left end here; not to scale.",
  squaresHint: "Tap the squares that it takes. You stand at the left end of the bed here.",
  sketch: ({ bed }: { bed: string }) => `The ground of ${bed}`,
  squareAt: ({ along, across }: { along: number; across: number }) =>
    `Square ${along} along, ${across} across`,
  taken: ({ name }: { name: string }) => `, taken by ${name}`,
  stripWords: ({ from, to }: { from: string; to: string }) => `${from} to ${to} from the left side`,
  sidesWords: ({ wide }: { wide: string }) => `${wide} on both sides`,
  edgeWords: ({ inset }: { inset: string }) => `around the edge, ${inset} in`,
  cellsWords: ({ count }: { count: number }) => (count === 1 ? "1 square" : `${count} squares`),
});
