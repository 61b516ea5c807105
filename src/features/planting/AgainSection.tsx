"use client";

import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import { useState } from "react";
import { dayNumber } from "@/core/calendar";
import type { Garden, Planting } from "@/core/garden";
import { successionOf } from "@/core/plantings";
import type { Growing } from "@/core/schedule";
import type { Site } from "@/core/growth";
import { gardenStore } from "@/store/index";
import { InspectorSection, lazyPart } from "@/ui/frame/index";
import { tell, tellRefusal } from "@/ui/viewState";
import { useWording } from "@/ui/wording";
import { planting as say } from "@/words/en/planting";

const SuccessionDialog = lazyPart(() => import("./SuccessionDialog"));

interface Props {
  garden: Garden;
  site: Site;
  planting: Planting;
  growing: Growing;
}

/** Sowings of the same again and again; those there are, or how to plan them. */
export function AgainSection({ garden, site, planting, growing }: Props) {
  const wording = useWording();
  const [planning, setPlanning] = useState(false);
  const group = successionOf(garden, planting);
  const alone = async () => {
    const done = await gardenStore().dispatch("planting.edit", {
      id: planting.id,
      successionId: null,
    });
    if (done.ok) tell(say.thisSowingNowMovesOnItsOwn, "done", true);
    else tellRefusal(done);
  };
  return (
    <InspectorSection title={say.successionSowing}>
      {group.length > 1 ? (
        <Box sx={{ fontSize: 14, lineHeight: 1.45 }}>
          {say.oneOfSowingsThatMoveTogether({
            groupCount: group.length,
            map: group.map(({ sowOn }) => wording.shortDate(dayNumber(sowOn))).join(", "),
          })}{" "}
          <Button size="small" color="inherit" variant="outlined" onClick={() => void alone()}>
            {say.moveThisOneOnItsOwn}
          </Button>
        </Box>
      ) : (
        <Button color="inherit" variant="outlined" onClick={() => setPlanning(true)}>
          {say.makeSuccessionSowings}
        </Button>
      )}
      {planning && (
        <SuccessionDialog
          garden={garden}
          site={site}
          planting={planting}
          growing={growing}
          onClose={() => setPlanning(false)}
        />
      )}
    </InspectorSection>
  );
}
