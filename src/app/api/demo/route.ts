import demo from "@data/demo/tarnholt-commons.json";

/** The same for everyone and always: made once, when the program is built. */
export const dynamic = "force-static";

/** The demo garden as a garden file: data for those who want it, script for nobody. */
export function GET(): Response {
  return Response.json(demo);
}
