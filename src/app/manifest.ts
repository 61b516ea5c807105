import type { MetadataRoute } from "next";
import { manifest as say } from "@/words/en/manifest";

/** What a phone needs to keep Late Ember among its own programs. */
export default function manifest(): MetadataRoute.Manifest {
  return {
    id: "/",
    name: say.name,
    short_name: say.name,
    description: say.description,
    lang: "en",
    start_url: "/today",
    scope: "/",
    display: "standalone",
    background_color: "#fbf7f0",
    theme_color: "#fbf7f0",
    categories: ["lifestyle", "productivity"],
    icons: [
      { src: "/icon.svg", sizes: "any", type: "image/svg+xml" },
      { src: "/icons/ember-192.png", sizes: "192x192", type: "image/png" },
      { src: "/icons/ember-512.png", sizes: "512x512", type: "image/png" },
      {
        src: "/icons/ember-maskable-512.png",
        sizes: "512x512",
        type: "image/png",
        purpose: "maskable",
      },
    ],
    shortcuts: [
      { name: say.today, url: "/today", icons: [{ src: "/icons/ember-192.png" }] },
      { name: say.log, url: "/today?dialog=log", icons: [{ src: "/icons/ember-192.png" }] },
    ],
    file_handlers: [{ action: "/today", accept: { "application/json": [".json"] } }],
    launch_handler: { client_mode: "focus-existing" },
  };
}
