export const OUTLOOK_FORMAT = "late-ember-outlook";
export const OUTLOOK_VERSION = 1;
