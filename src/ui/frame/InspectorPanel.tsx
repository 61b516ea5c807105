"use client";

import CloseIcon from "@mui/icons-material/Close";
import Box from "@mui/material/Box";
import IconButton from "@mui/material/IconButton";
import { useTheme } from "@mui/material/styles";
import useMediaQuery from "@mui/material/useMediaQuery";
import type { ReactNode } from "react";
import { lazyPart } from "./lazyPart";
import { ui as say } from "@/words/en/ui";

// Wide screens never draw it.
const Sheet = lazyPart(() => import("./Sheet"));

interface Props {
  label: string;
  onClose: () => void;
  children: ReactNode;
}

/** The one place on the right that tells about whatever is selected; a sheet from below on a phone. */
export function InspectorPanel({ label, onClose, children }: Props) {
  const wide = useMediaQuery(useTheme().breakpoints.up("md"));
  const inside = (
    <Box sx={{ position: "relative", p: 2.25, pr: 2 }}>
      <IconButton
        onClick={onClose}
        aria-label={say.close}
        size="small"
        sx={{ position: "absolute", top: 10, right: 8 }}
      >
        <CloseIcon fontSize="small" />
      </IconButton>
      {children}
    </Box>
  );
  if (!wide) {
    return (
      <Sheet label={label} onClose={onClose}>
        {inside}
      </Sheet>
    );
  }
  return (
    <Box
      component="aside"
      aria-label={label}
      tabIndex={0}
      sx={{
        gridArea: "inspector",
        width: "100%",
        overflowY: "auto",
        borderLeft: "1px solid var(--line)",
        bgcolor: "var(--surface)",
        "&:focus-visible": { outline: "2px solid var(--ember)", outlineOffset: -2 },
      }}
    >
      {inside}
    </Box>
  );
}

/** A titled stretch of the inspector. */
export function InspectorSection({ title, children }: { title: string; children: ReactNode }) {
  return (
    <Box component="section" sx={{ mt: 2 }}>
      <Box component="h3" sx={{ fontSize: 13, m: 0, mb: 0.5, color: "var(--ash-text)" }}>
        {title}
      </Box>
      {children}
    </Box>
  );
}
