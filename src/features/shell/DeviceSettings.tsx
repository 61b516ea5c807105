"use client";

import Box from "@mui/material/Box";
import Typography from "@mui/material/Typography";
import { useState } from "react";
import { z } from "zod";
import { NameSchema } from "@/core/naming";
import { nameDevice, thisDevice } from "@/store/index";
import { useKeptFields, WordsField } from "@/ui/forms";
import { settings as say } from "@/words/en/settings";

/** Empty, or a name. */
const OptionalName = z.string().refine((text) => {
  return text.trim() === "" || NameSchema.safeParse(text).success;
}, "naming.aNameCannotHoldOrControlCharacters");
const DeviceSchema = z.object({ device: OptionalName, role: OptionalName });

/** What this device is called: kept here, and written with each entry of the log. */
export function DeviceSettings() {
  const [writer, setWriter] = useState(() => thisDevice());
  const { field } = useKeptFields(
    DeviceSchema,
    { device: writer?.device ?? "", role: writer?.role ?? "" },
    (_name, { device, role }) => {
      const name = device.trim();
      // A role stands with a device: it is not dropped in silence.
      if (name === "" && role.trim() !== "") return Promise.resolve(say.nameTheDeviceFirst);
      const next = name === "" ? null : { device: name, role: role.trim() || null };
      setWriter(next);
      return Promise.resolve(nameDevice(next) ? null : say.thisBrowserKeepsNoName);
    },
  );
  return (
    <Box component="section" aria-labelledby="this-device" sx={{ display: "grid", gap: 2 }}>
      <Typography id="this-device" component="h3" sx={{ fontWeight: 600 }}>
        {say.thisDevice}
      </Typography>
      <WordsField {...field("device")} label={say.deviceName} helperText={say.deviceNameHelp} />
      <WordsField {...field("role")} label={say.whoUsesIt} helperText={say.whoUsesItHelp} />
    </Box>
  );
}
