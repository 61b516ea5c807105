import { payloadFor } from "./viewPayload";

test.each([
  ["/plan", { RSC: "1" }, "/views/plan.rsc"],
  ["/", { RSC: "1" }, "/views/index.rsc"],
  ["/plan/rehearse", { RSC: "1" }, "/views/plan/rehearse.rsc"],
  [
    "/plan",
    { RSC: "1", "Next-Router-Segment-Prefetch": "/_tree" },
    "/views/plan.segments/_tree.segment.rsc",
  ],
  [
    "/logbook/trials",
    { RSC: "1", "Next-Router-Segment-Prefetch": "/logbook/trials/__PAGE__" },
    "/views/logbook/trials.segments/logbook/trials/__PAGE__.segment.rsc",
  ],
  // A page itself, and what is no page.
  ["/plan", {}, null],
  ["/api/station/outlook", { Accept: "application/json" }, null],
])("what %s with %o asks of is %s", (pathname, headers, file) => {
  expect(payloadFor(pathname, new Headers(headers as Record<string, string>))).toBe(file);
});
