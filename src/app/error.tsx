"use client";

import { Trouble } from "@/features/shell";

/** A view that could not be drawn; the frame around it goes on. */
export default function ViewError({ error, reset }: { error: Error; reset: () => void }) {
  return <Trouble error={error} onAgain={reset} />;
}
