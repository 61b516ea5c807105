import { table } from "../table";

/** What fits into free space of a bed, in its parts. */
export const freeSpace = table({
  leaveOut: ({ families }: { families: string }) =>
    `Leave out the family that grew here last: ${families}`,
  fullGrown: "Full-grown",
  babyLeaves: "Baby leaf",
  shoots: "Shoots and microgreens, in trays",
  forced: "To lift and force in the dark",
  seldomSown: "Possible, but seldom sown at this time",
});
