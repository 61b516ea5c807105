"use client";

import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import { z } from "zod";
import { usualNeed, type Need } from "@/core/food";
import { amount, ChoiceField, NumberField, useFields } from "@/ui/forms";
import { send } from "@/ui/send";
import { larder as say } from "@/words/en/larder";

export const GREENS_CHOICES = [
  { value: "little", words: say.greensLittle },
  { value: "usual", words: say.greensUsual },
  { value: "much", words: say.greensMuch },
] as const;

const FirstSchema = z.object({
  people: amount(say.enterPeople)
    .int(say.enterPeople)
    .min(1, say.enterPeople)
    .max(5000, say.enterPeople),
  greens: z.enum(["little", "usual", "much"]),
});

const USUAL: z.infer<typeof FirstSchema> = { people: 2, greens: "usual" };

/** The one question that the larder begins with. */
export function FirstNeed() {
  const { control, handleSubmit } = useFields(FirstSchema, USUAL);
  const keep = handleSubmit(async ({ people, greens }) => {
    const need: Need = usualNeed(people, greens);
    await send("need.set", need, say.needSaved);
  });
  return (
    <Box
      component="form"
      noValidate
      onSubmit={(event) => {
        event.preventDefault();
        void keep();
      }}
      sx={{ maxWidth: 460, mt: 1 }}
    >
      <Box component="h2" sx={{ fontFamily: "var(--font-heading)", fontSize: 22, m: 0 }}>
        {say.askWho}
      </Box>
      <Box sx={{ fontSize: 16.5, mt: 0.5, mb: 2 }}>{say.askWhoWhy}</Box>
      <Box sx={{ display: "grid", gridTemplateColumns: "120px 1fr", gap: 1.5, mb: 2 }}>
        <NumberField control={control} name="people" label={say.people} />
        <ChoiceField control={control} name="greens" label={say.greens} choices={GREENS_CHOICES} />
      </Box>
      <Button type="submit" variant="contained" size="large">
        {say.begin}
      </Button>
    </Box>
  );
}
