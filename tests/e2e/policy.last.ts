import { expect, test } from "@playwright/test";
import { DEMO_PORT, EMPTY_PORT } from "./ports";
import { PLANTED } from "./planted";

interface Report {
  "csp-report": { "script-sample"?: string; "violated-directive": string; "blocked-uri": string };
}

test("over all the tests before, no page did what its policy forbids", async ({ request }) => {
  for (const port of [DEMO_PORT, EMPTY_PORT]) {
    const answer = await request.get(`http://localhost:${port}/policy-reports`);
    const reports = ((await answer.json()) as Report[]).map((one) => one["csp-report"]);
    expect(reports.filter((one) => !one["script-sample"]?.startsWith(PLANTED))).toEqual([]);
  }
});
