import { answerOutlook } from "@/station";

const MS_PER_DAY = 86_400_000;

/** The simulated station's outlook; see docs/formats.md. */
export function GET(request: Request): Response {
  const today = Math.floor(Date.now() / MS_PER_DAY);
  const { status, body } = answerOutlook(new URL(request.url).searchParams, today);
  return Response.json(body, { status });
}
