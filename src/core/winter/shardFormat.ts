export const SHARD_FORMAT = "late-ember-winters";
export const SHARD_VERSION = 1;
