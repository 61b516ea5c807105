import Box from "@mui/material/Box";
import type { ReactNode } from "react";
import { ui as say } from "@/words/en/ui";

/** Where notices stand over the view. */
export const VIEW_NOTICES = "view-notices";

interface Props {
  top: ReactNode;
  rail: ReactNode;
  view: ReactNode;
  inspector: ReactNode | null;
  ribbon: ReactNode;
}

/** Where the parts of the screen stand: wide with a rail and an inspector, narrow with a foot bar. */
export function FrameGrid({ top, rail, view, inspector, ribbon }: Props) {
  return (
    <Box
      sx={{
        height: "100dvh",
        display: "grid",
        overflow: "hidden",
        // On paper only the view itself is of use.
        "@media print": {
          display: "block",
          height: "auto",
          overflow: "visible",
          "& > header, & > nav, & > section, & > aside": { display: "none" },
          "& > main, & > main *": { overflow: "visible !important" },
          "& > main, & > main > div": { height: "auto" },
          // What is pressed or typed into is of no use either.
          "& > main .MuiButton-root, & > main .MuiIconButton-root, & > main .MuiToggleButton-root, & > main .MuiTextField-root":
            { display: "none" },
          // Drawn for the width of the screen, and scaled to that of the page.
          "& > main .fits-page": { maxWidth: "100%", height: "auto" },
        },
        gridTemplateColumns: {
          xs: "minmax(0, 1fr)",
          md: inspector ? "78px minmax(0, 1fr) 304px" : "78px minmax(0, 1fr)",
        },
        gridTemplateRows: { xs: "48px minmax(0, 1fr) 84px 56px", md: "48px minmax(0, 1fr) 104px" },
        gridTemplateAreas: {
          xs: '"top" "view" "ribbon" "rail"',
          md: inspector
            ? '"top top top" "rail view inspector" "ribbon ribbon ribbon"'
            : '"top top" "rail view" "ribbon ribbon"',
        },
      }}
    >
      <Box
        component="a"
        href="#view"
        onClick={(event: React.MouseEvent) => {
          event.preventDefault();
          document.getElementById("view")?.focus();
        }}
        sx={{
          position: "fixed",
          top: 6,
          left: 6,
          zIndex: "tooltip",
          px: 2,
          py: 1,
          bgcolor: "var(--paper)",
          color: "var(--text)",
          border: "2px solid var(--ember)",
          borderRadius: 1,
          // Seen only by who comes to it with the keys.
          "&:not(:focus)": { transform: "translateY(-200%)" },
        }}
      >
        {say.skipToView}
      </Box>
      <Box component="header" sx={{ gridArea: "top", borderBottom: "1px solid var(--line)" }}>
        {top}
      </Box>
      <Box
        component="nav"
        aria-label={say.views}
        sx={{
          gridArea: "rail",
          borderRight: { md: "1px solid var(--line)" },
          borderTop: { xs: "1px solid var(--line)", md: "none" },
        }}
      >
        {rail}
      </Box>
      <Box
        component="main"
        id="view"
        tabIndex={-1}
        sx={{ gridArea: "view", minWidth: 0, minHeight: 0, overflow: "hidden" }}
      >
        {view}
      </Box>
      {inspector}
      <Box component="section" aria-label={say.season} sx={{ gridArea: "ribbon", minWidth: 0 }}>
        {ribbon}
      </Box>
    </Box>
  );
}
