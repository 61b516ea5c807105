import { answerReadings } from "@/station";

const MS_PER_DAY = 86_400_000;

/** The simulated station's readings; see docs/formats.md. */
export function GET(request: Request): Response {
  const today = Math.floor(Date.now() / MS_PER_DAY);
  const { status, body } = answerReadings(new URL(request.url).searchParams, today);
  return Response.json(body, { status });
}
