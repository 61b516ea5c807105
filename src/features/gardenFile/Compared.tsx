import Box from "@mui/material/Box";
import { Fragment } from "react";
import type { KindCompared } from "@/core/gardenFile";
import { imports as say, kindNames } from "@/words/en/imports";

/** What would become of the garden here, kind by kind. */
export function Compared({ compared }: { compared: readonly KindCompared[] }) {
  const parts = compared.map(({ kind, comes, goes, changes }) => ({
    kind,
    words: [
      comes > 0 ? say.comesCount({ count: comes }) : null,
      goes > 0 ? say.goesCount({ count: goes }) : null,
      changes > 0 ? say.changesCount({ count: changes }) : null,
    ]
      .filter((one) => one !== null)
      .join(", "),
  }));
  return (
    <Box
      component="dl"
      sx={{ m: 0, mt: 1, display: "grid", gridTemplateColumns: "auto 1fr", columnGap: 2 }}
    >
      {parts.map(({ kind, words }) => (
        <Fragment key={kind}>
          <Box component="dt" sx={{ fontWeight: 600 }}>
            {kindNames[kind]}
          </Box>
          <Box component="dd" sx={{ m: 0 }}>
            {words}
          </Box>
        </Fragment>
      ))}
    </Box>
  );
}
