import Box from "@mui/material/Box";
import Link from "next/link";
import type { ReactNode } from "react";

export interface RailEntry {
  href: string;
  label: string;
  icon: ReactNode;
}

/** The views, words under icons; a bar at the foot on a phone. */
export function Rail({ entries, current }: { entries: readonly RailEntry[]; current: string }) {
  return (
    <Box
      component="ul"
      sx={{
        m: 0,
        p: 0,
        pt: { md: 1.5 },
        listStyle: "none",
        display: "flex",
        height: "100%",
        flexDirection: { xs: "row", md: "column" },
        justifyContent: { xs: "space-around", md: "flex-start" },
      }}
    >
      {entries.map((entry) => {
        const here = current === entry.href || current.startsWith(`${entry.href}/`);
        return (
          <Box component="li" key={entry.href} sx={{ flex: { xs: 1, md: "none" } }}>
            <Box
              component={Link}
              href={entry.href}
              prefetch={false}
              aria-current={here ? "page" : undefined}
              sx={{
                display: "flex",
                flexDirection: "column",
                alignItems: "center",
                justifyContent: "center",
                height: { xs: 56, md: 58 },
                fontSize: 12.5,
                gap: 0.25,
                textDecoration: "none",
                fontWeight: here ? 700 : 400,
                color: here ? "var(--ember-text)" : "var(--text)",
                borderLeft: { md: here ? "3px solid var(--ember)" : "3px solid transparent" },
                borderTop: {
                  xs: here ? "3px solid var(--ember)" : "3px solid transparent",
                  md: "none",
                },
                "&:focus-visible": { outline: "2px solid var(--ember)", outlineOffset: -3 },
              }}
            >
              {entry.icon}
              {entry.label}
            </Box>
          </Box>
        );
      })}
    </Box>
  );
}
