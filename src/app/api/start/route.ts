/** Asked at each start, since the same build serves with and without the demo. */
export const dynamic = "force-dynamic";

/** What an empty browser should open with: `{ "garden": "demo" }` or `{ "garden": "empty" }`. */
export function GET(): Response {
  return Response.json({ garden: process.env.LATE_EMBER_START === "demo" ? "demo" : "empty" });
}
