export { takeEarlyTaps } from "./earlyTaps";
export { dropPicture, keepPicture, type KeptPicture, WIDE } from "./keptPicture";
export { PictureHost } from "./PictureHost";
export { rulesFor } from "./rulesFor";
