import tailwindcss from "@tailwindcss/vite";
import react from "@vitejs/plugin-react";
import { defineConfig } from "vitest/config";

export default defineConfig({
  plugins: [react(), tailwindcss()],
  build: {
    // The content security policy takes fonts and pictures from the program itself only, never from data: addresses.
    assetsInlineLimit: 0,
    manifest: true,
  },
  server: { proxy: { "/api": "http://localhost:8420" } },
  test: {
    // A test is no stopwatch: a machine that is shared may stand still for seconds.
    testTimeout: 60_000,
    reporters: ["default", ["junit", { outputFile: "reports/TEST-front-end.xml" }]],
  },
});
