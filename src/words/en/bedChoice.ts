import { table } from "../table";

/** Which bed the seedlings of a tray go into. */
export const bedChoice = table({
  whichBed: ({ name }: { name: string }) => `Which bed for the ${name}?`,
  noBedYet: ({ date }: { date: string | null }) =>
    `No bed is chosen for them yet. They can be planted out ${date === null ? "now" : `about ${date}`}.`,
  room: ({ plants, of, ready }: { plants: number; of: number; ready: string | null }) =>
    `${plants >= of ? `room for all ${of}` : `room for ${plants} of ${of}`}, ${ready === null ? "not ready there" : `first picking about ${ready}`}`,
  plantInto: ({ bed }: { bed: string }) => `Choose ${bed}`,
  nowhere: "No bed has free ground for them then. Clear one, or plan one that gets free later.",
  moreBeds: ({ count }: { count: number }) => (count === 1 ? "1 more bed" : `${count} more beds`),
  chosen: ({ name, bed }: { name: string; bed: string }) => `${name} will go into ${bed}.`,
  chooseABed: ({ name }: { name: string }) => `Choose a bed for the ${name}`,
});
