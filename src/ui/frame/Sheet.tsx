"use client";

import Drawer from "@mui/material/Drawer";
import type { ReactNode } from "react";

interface Props {
  label: string;
  onClose: () => void;
  children: ReactNode;
}

/** What rises from below on a phone. */
export default function Sheet({ label, onClose, children }: Props) {
  return (
    <Drawer
      anchor="bottom"
      open
      onClose={onClose}
      slotProps={{
        paper: { sx: { maxHeight: "72dvh", borderRadius: "12px 12px 0 0" }, "aria-label": label },
      }}
    >
      {children}
    </Drawer>
  );
}
