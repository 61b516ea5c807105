/** The version of the garden file that this program writes. */
export const GARDEN_FILE_VERSION = 14;
export const GARDEN_FILE_FORMAT = "late-ember-garden";

/** All that a browser keeps, as it is kept, for when something of it does not read. */
export const EVERYTHING_FORMAT = "late-ember-everything";
