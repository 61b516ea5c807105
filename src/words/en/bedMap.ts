import { table } from "../table";

/** The map of the beds. */
export const bedMap = table({
  zoom: "Zoom",
  closer: "Closer",
  farther: "Farther",
  showAll: "Show all beds",
});
