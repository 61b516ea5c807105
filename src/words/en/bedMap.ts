import { table } from "../table";

/** The map of the beds. */
export const bedMap = table({
  trays: "Trays",
  elsewhere: "Elsewhere",
  trayOf: ({ tray, crops }: { tray: string; crops: string }) => `${tray} (${crops})`,
  standingAt: ({ bed, place }: { bed: string; place: string }) => `${bed} (${place})`,
  zoom: "Zoom",
  closer: "Closer",
  farther: "Farther",
  showAll: "Show all beds",
  show: "Colour the ground by",
  sun: "Direct sun",
  free: "Where it is free",
  family: "A family's rest",
  whichFamily: "Family",
  from: "Free from",
  to: "to",
  familyOf: ({ family, crops }: { family: string; crops: string }) => `${family} (${crops})`,
  crossedOut: ({ years }: { years: number }) =>
    years === 0
      ? "The rotation is off: see Settings."
      : `Crossed out: it stood there within ${years === 1 ? "a year" : `${years} years`}.`,
  chooseALaterDay: "Choose a day after the first.",
  freeAllThatTime: "free all that time",
  restedFromIt: "rested from that family",
  noneIsFree: "No bed has free ground for all of that time.",
  freeIn: ({ beds }: { beds: string }) => `Free all that time: ${beds}.`,
});
