import Box from "@mui/material/Box";
import type { Garden } from "@/core/garden";
import { verdictsOf } from "@/core/trials";
import { trials as say } from "@/words/en/trials";

interface Props {
  garden: Garden;
  of: { cropId: string } | { bedId: string };
}

/** What trials of a crop or in a bed came to; nothing where there was none. */
export function TrialVerdicts({ garden, of }: Props) {
  const kept = verdictsOf(garden, of);
  if (kept.length === 0) return null;
  const title = "cropId" in of ? say.ofCrop : say.ofBed;
  return (
    <Box component="section" aria-label={title} sx={{ mt: 1.5, fontSize: 15 }}>
      <Box component="h3" sx={{ m: 0, fontSize: 16, fontWeight: 700 }}>
        {title}
      </Box>
      {kept.map((trial) => (
        <div key={trial.id}>
          {say.verdictLine({
            trial: trial.name,
            treatment:
              trial.treatments.find(({ id }) => id === trial.verdict?.treatmentId)?.name ??
              say.nothingBetter,
          })}
          {trial.verdict?.note ? `. ${trial.verdict.note}` : ""}
        </div>
      ))}
    </Box>
  );
}
