import type { Metadata } from "next";
import { LarderView } from "@/features/larder";

export const metadata: Metadata = { title: "Larder · Late Ember" };

export default function LarderPage() {
  return <LarderView />;
}
