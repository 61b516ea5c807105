import Box from "@mui/material/Box";
import type { ReactNode } from "react";
import { numbers as say } from "@/words/en/numbers";

/** What the marks of the gauges mean. */
export function GaugeKey() {
  return (
    <Box sx={{ mt: 1.5, display: "flex", flexWrap: "wrap", columnGap: 2.5, fontSize: 14.5 }}>
      <Key words={say.keyLibrary}>
        <line x1="14" x2="14" y1="2" y2="18" stroke="var(--text)" strokeWidth="2" />
      </Key>
      <Key words={say.keyOwn}>
        <rect x="2" y="5" width="24" height="10" rx="5" fill="var(--ash)" opacity="0.45" />
        <circle cx="14" cy="10" r="6" fill="var(--ash)" stroke="var(--paper)" strokeWidth="1.5" />
      </Key>
      <Key words={say.keyAlone}>
        <circle cx="14" cy="10" r="4" fill="none" stroke="var(--ash-text)" strokeWidth="1.5" />
      </Key>
    </Box>
  );
}

function Key({ words, children }: { words: string; children: ReactNode }) {
  return (
    <Box component="span" sx={{ display: "inline-flex", alignItems: "center", gap: 0.75 }}>
      <svg width="28" height="20" aria-hidden>
        {children}
      </svg>
      {words}
    </Box>
  );
}
