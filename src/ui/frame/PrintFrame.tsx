import Box from "@mui/material/Box";
import Typography from "@mui/material/Typography";
import type { ReactNode } from "react";

interface Props {
  title: string;
  /** Buttons beside the title; they do not come out of the printer. */
  controls: ReactNode;
  children: ReactNode;
}

/** A view that is there to be printed: its title and buttons stay on the screen, the rest goes on paper. */
export function PrintFrame({ title, controls, children }: Props) {
  return (
    <Box
      sx={{
        height: "100%",
        overflowY: "auto",
        px: { xs: 2, md: 2.75 },
        pt: 1.75,
        pb: 3,
        "@media print": { p: 0 },
      }}
      tabIndex={0}
      role="region"
      aria-label={title}
    >
      <Box
        sx={{
          display: "flex",
          flexWrap: "wrap",
          gap: 1.25,
          alignItems: "center",
          mb: 2,
          "@media print": { display: "none" },
        }}
      >
        <Typography variant="h1" sx={{ mr: "auto" }}>
          {title}
        </Typography>
        {controls}
      </Box>
      {children}
    </Box>
  );
}
