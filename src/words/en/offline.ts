import { table } from "../table";

/** Words about the program kept for use without a network. */
export const offline = table({
  newerIsReady:
    "A newer version of Late Ember is ready. It starts when you say so; what you are typing is lost then, the garden is not.",
  anotherTabTookIt:
    "A newer version of Late Ember runs in another tab. This one goes on with the old until you load it anew.",
  takeIt: "Start the newer version",
  later: "Later",
});
