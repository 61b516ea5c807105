/** The version of the garden file that this program writes. */
export const GARDEN_FILE_VERSION = 6;
/** The stand-in that comes with the program, as a station address. */
export const SIMULATED_STATION = "/api/station";

export const GARDEN_FILE_FORMAT = "late-ember-garden";
