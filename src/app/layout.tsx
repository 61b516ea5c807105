import "@fontsource-variable/atkinson-hyperlegible-next";
import "@fontsource-variable/fraunces";
import "@/ui/theme/tokens.css";
import InitColorSchemeScript from "@mui/material/InitColorSchemeScript";
import { AppRouterCacheProvider } from "@mui/material-nextjs/v16-appRouter";
import type { Metadata, Viewport } from "next";
import type { ReactNode } from "react";
import { Shell } from "@/features/shell";
import { Theme } from "@/ui/theme";
import { StartTrouble, StartWatch } from "./StartTrouble";

export const metadata: Metadata = {
  title: "Late Ember",
  description: "Plan fall and winter crops back from frost and shortening days.",
};

export const viewport: Viewport = { width: "device-width", initialScale: 1 };

export default function RootLayout({ children }: { children: ReactNode }) {
  return (
    <html lang="en" suppressHydrationWarning>
      <head>
        <StartWatch />
      </head>
      <body>
        <InitColorSchemeScript attribute="data-theme" defaultMode="system" />
        <AppRouterCacheProvider>
          <Theme>
            <Shell>{children}</Shell>
          </Theme>
        </AppRouterCacheProvider>
        {/* Last: the link past the rail stays the first on the page. */}
        <StartTrouble />
      </body>
    </html>
  );
}
