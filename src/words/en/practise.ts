import type { Difficulty, LessonId } from "@/core/practice";
import { plural, table } from "../table";

export const lessonTitles = table({
  cliff: "The cliff",
  hardening: "Hardening",
  brightDay: "A closed frame on a bright day",
  tooFewCovers: "Too few covers",
  hungryGap: "The hungry gap",
  wetLeaves: "Water on leaves",
} satisfies Record<LessonId, string>);

export const lessonTasks = table({
  cliff:
    "Three empty beds in August. Sow when you think it is right; each Sunday asks once. What is picked by May counts.",
  hardening:
    "Soft lettuce and spinach, and one cloth. The same degrees of frost are not the same in October and in December.",
  brightDay: "Two cold frames in autumn. Decide when the weather turns: lids open or shut.",
  tooFewCovers: "Four beds, two cloths. Cover what is worth most, pick what cannot be saved.",
  hungryGap:
    "What you sow in September is what there is in March. Fill two beds in time, and bring them through.",
  wetLeaves:
    "Two frames that no rain reaches. Water when it is dry: in the morning, or in the evening when there is time.",
} satisfies Record<LessonId, string>);

/** What a lesson is about, told when it is over. */
export const lessonPoints = table({
  cliff:
    "Light falls faster in September than in any other month: one week later at the sowing is a month later at the picking, and then not before spring.",
  hardening:
    "Plants harden in the cold weeks. A first sharp frost after warm days kills at degrees that the same plants bear in December.",
  brightDay:
    "A shut frame in the sun is a hothouse within an hour, even in a cool week. Heat scorches leaves, and it takes back the hardening that the nights have given.",
  tooFewCovers:
    "A cloth is worth what it saves: not over what stands the night anyway, not over what dies under it too. What cannot be saved is picked.",
  hungryGap:
    "The weeks in early spring are fed by autumn's sowings that stood through the winter. What is sown in the new year comes too late for them.",
  wetLeaves:
    "Leaves that are watered in the evening stay wet all night, and mould needs wet hours. In the morning they are dry before noon.",
} satisfies Record<LessonId, string>);

export const difficultyNames = table({
  gentle: "Gentle",
  usual: "Usual",
  hard: "Hard",
} satisfies Record<Difficulty, string>);

interface InBed {
  date: string;
  crop: string;
  bed: string;
}

/** What happened in a winter of practice, a line each. */
export const practiceLines = table({
  froze: ({ date, crop, bed, low, percent }: InBed & { low: string; percent: number }) =>
    `${date}: ${low} at the ${crop} in bed ${bed}: ${percent} % lost`,
  frozeCovered: ({ date, crop, bed, low, percent }: InBed & { low: string; percent: number }) =>
    `${date}: ${low} under the cloth on bed ${bed}: ${percent} % of the ${crop} lost all the same`,
  saved: ({ date, crop, bed, percent }: InBed & { percent: number }) =>
    `${date}: the cloth on bed ${bed} saved ${percent} % of the ${crop}`,
  neededNot: ({ date, crop, bed, low }: InBed & { low: string }) =>
    `${date}: covered bed ${bed} at ${low}: the ${crop} would have lived anyway`,
  scorched: ({ date, crop, bed, high, percent }: InBed & { high: string; percent: number }) =>
    `${date}: ${high} in the frame of bed ${bed}: ${percent} % of the ${crop}’s leaves scorched`,
  softened: ({ date, crop, bed, high }: InBed & { high: string }) =>
    `${date}: ${high} in the frame of bed ${bed}: the ${crop} has gone soft again`,
  mould: ({ date, crop, bed, percent }: InBed & { percent: number }) =>
    `${date}: wet leaves in bed ${bed}: mould took ${percent} % of the ${crop}’s leaves`,
  sown: ({ date, crop, bed }: InBed) => `${date}: ${crop} sown in bed ${bed}`,
  ready: ({ date, crop, bed }: InBed) => `${date}: the ${crop} in bed ${bed} is ready`,
  picked: ({ date, crop, bed, kg }: InBed & { kg: string }) =>
    `${date}: ${kg} of ${crop} picked from bed ${bed}`,
  over: ({ date, crop, bed, cause }: InBed & { cause: string }) =>
    `${date}: the ${crop} in bed ${bed} is over: ${cause}`,
});

/** A winter practised in minutes. */
export const practise = table({
  practise: "Practise",
  what: "A small garden, a winter that nobody knows yet, one evening after another. Nothing here touches your own garden.",
  untouched: "Practice: nothing here touches your own garden",
  lessons: "Six short lessons",
  free: "A winter of your own",
  freeWhat:
    "A whole winter from September to May, five beds. The same number is the same winter again.",
  start: "Start",
  again: "Play again",
  best: ({ kg, tool }: { kg: string; tool: string }) => `Best: ${kg} (the program: ${tool})`,
  climate: "Climate",
  difficulty: "Difficulty",
  difficultyWith: ({ difficulty, count }: { difficulty: string; count: number }) =>
    `${difficulty}: ${count} ${plural(count, "cloth", "cloths")}`,
  cloths: ({ count }: { count: number }) => `${count} ${plural(count, "cloth", "cloths")}`,
  number: "Winter number",
  numberFrom: "Enter a whole number from 1 to 9999.",
  loading: "The winter is made ready…",
  broke: "The winter could not be gone on with. Start it again.",
  dusk: ({ date }: { date: string }) => `Dusk, ${date}`,
  now: ({ temp, sky, wind }: { temp: string; sky: string; wind: string }) =>
    `${temp} now, ${sky}, ${wind}`,
  clear: "clear",
  halfClear: "some cloud",
  overcast: "overcast",
  calm: "calm",
  breeze: "a breeze",
  windy: "windy",
  week: ({ week, weeks, kg }: { week: number; weeks: number; kg: string }) =>
    `week ${week} of ${weeks} · harvested ${kg}`,
  tonight: ({ low, spread }: { low: string; spread: string }) =>
    `Tonight: ${low} forecast, give or take ${spread}`,
  warmTomorrow: ({ high }: { high: string }) =>
    `Shut, a frame would come to about ${high} tomorrow`,
  forecast: "Forecast",
  forecastSpread: "bar: two nights in three",
  forecastDay: ({ day, low, from, to }: { day: string; low: string; from: string; to: string }) =>
    `${day}: low ${low}, ${from} to ${to}`,
  soFar: "So far",
  nothingYet: "Nothing yet.",
  bed: ({ name }: { name: string }) => `Bed ${name}`,
  frameBed: ({ name }: { name: string }) => `Frame ${name}`,
  empty: "empty",
  hardTo: ({ temp }: { temp: string }) => `hard to ${temp}`,
  softAt: ({ temp }: { temp: string }) => `soft: ${temp}`,
  notUp: "not up yet",
  grown: ({ percent }: { percent: number }) => `${percent} % grown`,
  ready: "ready",
  aliveShare: ({ percent }: { percent: number }) => `${percent} % alive`,
  dry: "dry",
  moist: "moist",
  cover: ({ left }: { left: number }) =>
    left === 1 ? "Cover (1 cloth left)" : `Cover (${left} cloths left)`,
  pickNow: "Pick now",
  lids: "Frame lids tomorrow",
  open: "Open by day",
  shut: "Leave shut",
  sow: "Sow tomorrow",
  sowInBed: ({ bed }: { bed: string }) => `Sow in ${bed}`,
  water: "Water",
  noWater: "Not now",
  inMorning: "In the morning",
  inEvening: "Now, in the evening",
  pickKg: ({ crop, kg }: { crop: string; kg: string }) => `${crop}, ${kg}`,
  startNight: "Start the night",
  skip: "Nothing: on to the next decision",
  stop: "Leave this winter",
  over: "The winter is over",
  yours: "Your winter",
  tools: "What the program would have done",
  nothings: "Doing nothing",
  mattered: "What mattered most",
  noneMattered: "No single evening made a difference here.",
  missed: ({ date, kg }: { date: string; kg: string }) => `${date}: ${kg} more with another choice`,
  gained: ({ date, kg }: { date: string; kg: string }) =>
    `${date}: ${kg} more than with nothing done`,
  youDid: ({ choice }: { choice: string }) => `You: ${choice}.`,
  toolDid: ({ choice }: { choice: string }) => `The program: ${choice}.`,
  then: ({ what }: { what: string }) => `Then: ${what}.`,
  choseCover: ({ beds }: { beds: string }) => `covered ${beds}`,
  chosePick: ({ beds }: { beds: string }) => `picked ${beds}`,
  choseOpen: "lids open",
  choseShut: "lids shut",
  choseSow: ({ crop, bed }: { crop: string; bed: string }) => `sowed ${crop} in ${bed}`,
  choseMorning: "watered in the morning",
  choseEvening: "watered in the evening",
  choseNothing: "nothing",
  nextLesson: "Next lesson",
  toStart: "All winters",
});
