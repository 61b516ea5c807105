import type { Metadata } from "next";
import { LogbookView } from "@/features/logbook";

export const metadata: Metadata = { title: "Logbook · Late Ember" };

export default function LogbookPage() {
  return <LogbookView />;
}
