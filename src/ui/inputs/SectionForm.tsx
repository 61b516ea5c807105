"use client";

import Box from "@mui/material/Box";
import type { ReactNode } from "react";

interface Props {
  onSubmit: () => void;
  children: ReactNode;
}

/** A short form within a section of the inspector: two fields beside each other. */
export function SectionForm({ onSubmit, children }: Props) {
  return (
    <Box
      component="form"
      noValidate
      onSubmit={(event) => {
        event.preventDefault();
        onSubmit();
      }}
      sx={{ display: "grid", gridTemplateColumns: "1fr 1fr", gap: 1, mt: 1 }}
    >
      {children}
    </Box>
  );
}
