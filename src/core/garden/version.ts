/** The version of the garden file that this program writes. */
export const GARDEN_FILE_VERSION = 7;
/**
 * What may stand as a station's address: no query and no fragment, which would make asking it do
 * something else, and no password.
 */
export const STATION_ADDRESS = /^(https?:\/\/[^\s<>"?#@]+|\/api\/station)$/;

/** The stand-in that comes with the program, as a station address. */
export const SIMULATED_STATION = "/api/station";

export const GARDEN_FILE_FORMAT = "late-ember-garden";

/** All that a browser keeps, as it is kept, for when something of it does not read. */
export const EVERYTHING_FORMAT = "late-ember-everything";
