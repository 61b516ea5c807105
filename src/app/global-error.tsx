"use client";

import "@fontsource-variable/atkinson-hyperlegible-next";
import "@fontsource-variable/fraunces";
import "@/ui/theme/tokens.css";
import { Trouble } from "@/features/shell";
import { Theme } from "@/ui/theme";

/** The whole page could not be drawn, frame and all. */
export default function PageError({ error, reset }: { error: Error; reset: () => void }) {
  return (
    <html lang="en">
      <head>
        <title>Late Ember</title>
      </head>
      <body>
        <Theme>
          <Trouble error={error} onAgain={reset} />
        </Theme>
      </body>
    </html>
  );
}
