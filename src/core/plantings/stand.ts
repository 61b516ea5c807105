/** Where a piece of ground begins, metres along from the planting's near end and across from the bed's left side. */
export interface Corner {
  alongM: number;
  acrossM: number;
}

/** Of what pieces of ground a stand is made, all alike. */
export interface StandShape {
  /** `filled`: plants all over each. `edge`: one line around each, so far in. */
  kind: "filled" | "edge";
  outline: "rectangle" | "round";
  insetM: number;
  pieces: readonly Corner[];
  /** Whether more of it means more pieces (pots, squares) and not longer ones. */
  byPiece: boolean;
}

/** How the plants of a stretch of bed stand. */
export type Arrangement = "rows" | "offset" | "pots";

/** A stretch of bed and the distances at which a crop stands in it. */
export interface Stand {
  /** Of each piece, where it is made of several. */
  lengthM: number;
  widthM: number;
  /** Of what pieces its ground is made; nothing for a plain stretch of bed. */
  shape?: StandShape;
  /** Between rows, and in the row from station to station; for pots, from edge to edge. */
  rowCm: number;
  inRowCm: number;
  arrangement: Arrangement;
  /** Diameter of the pots; null in the ground. */
  potCm: number | null;
  /** Plants at a station: more than one is a cluster that pushes apart. */
  plantsPerStation: number;
  /** Seeds in each hole or cell, to be thinned; null sows for the usual losses. */
  seedsPerHole: number | null;
  /** Both distances times this. */
  spacingFactor: number;
}
