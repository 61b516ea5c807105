import type { Metadata } from "next";
import { NotFound } from "@/features/shell";

export const metadata: Metadata = { title: "Not found · Late Ember" };

export default function NotFoundPage() {
  return <NotFound />;
}
