"use client";

import Box from "@mui/material/Box";
import Typography from "@mui/material/Typography";
import NextLink from "next/link";
import type { ReactNode } from "react";
import { logbookSections as say } from "@/words/en/logbookSections";

const PAGES = [
  { href: "/logbook", label: say.log },
  { href: "/logbook/numbers", label: say.numbers },
  { href: "/logbook/seasons", label: say.seasons },
  { href: "/logbook/trials", label: say.trials },
] as const;
type Page = (typeof PAGES)[number]["href"];

interface FrameProps {
  current: Page;
  title: string;
  what: string;
  children: ReactNode;
}

/** A page of the logbook beside the log itself: the way to the others, its name, and what it is for. */
export function LogbookPage({ current, title, what, children }: FrameProps) {
  return (
    <Box
      role="region"
      tabIndex={0}
      aria-label={title}
      sx={{ height: "100%", overflowY: "auto", px: { xs: 1.5, md: 2.75 }, pt: 1.75, pb: 4 }}
    >
      <LogbookSections current={current} />
      <Typography variant="h1">{title}</Typography>
      <Box sx={{ mt: 0.5, fontSize: 16, maxWidth: 760, color: "var(--ash-text)" }}>{what}</Box>
      {children}
    </Box>
  );
}

/** The pages of the logbook, side by side, with the one that is open underlined. */
export function LogbookSections({ current }: { current: Page }) {
  return (
    <Box
      component="nav"
      aria-label={say.pages}
      sx={{ display: "flex", flexWrap: "wrap", columnGap: 2.5, mb: 1 }}
    >
      {PAGES.map(({ href, label }) => (
        <Box
          key={href}
          component={NextLink}
          href={href}
          prefetch={false}
          aria-current={href === current ? "page" : undefined}
          sx={{
            py: 0.5,
            fontSize: 16,
            fontWeight: href === current ? 700 : 400,
            color: href === current ? "var(--text)" : "var(--ash-text)",
            textDecoration: "none",
            borderBottom: "3px solid",
            borderColor: href === current ? "var(--ember)" : "transparent",
            "@media (pointer: coarse)": {
              minHeight: 44,
              minWidth: 44,
              display: "flex",
              alignItems: "center",
            },
            "&:focus-visible": { outline: "2px solid var(--ember)", outlineOffset: 2 },
          }}
        >
          {label}
        </Box>
      ))}
    </Box>
  );
}
