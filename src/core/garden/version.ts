/** The version of the garden file that this program writes. */
export const GARDEN_FILE_VERSION = 1;
export const GARDEN_FILE_FORMAT = "late-ember-garden";
