import { defineConfig } from "vitest/config";

// Days are those of the place one is at: the suite runs where the day is another than by universal time.
process.env.TZ = "America/Los_Angeles";

export default defineConfig({ test: { include: ["tests/**/*.test.ts"], environment: "node" } });
