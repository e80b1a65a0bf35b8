import tailwindcss from "@tailwindcss/vite";
import react from "@vitejs/plugin-react";
import { VitePWA } from "vite-plugin-pwa";
import { defineConfig } from "vitest/config";

export default defineConfig({
  plugins: [
    react(),
    tailwindcss(),
    VitePWA({
      // A newer program takes over once no window is open any more: none is reloaded under somebody's hands.
      registerType: "prompt",
      injectRegister: null,
      manifest: {
        name: "Fair Acre",
        short_name: "Fair Acre",
        description: "The garden, laid out and kept.",
        start_url: "/gardens",
        display: "standalone",
        background_color: "#f4f7fa",
        theme_color: "#10233f",
        icons: [{ src: "/mark.svg", sizes: "any", type: "image/svg+xml" }],
      },
      workbox: {
        globPatterns: ["**/*.{js,css,html,svg,woff2}"],
        inlineWorkboxRuntime: true,
        clientsClaim: true,
        navigateFallback: "/index.html",
        // All else is asked from the program, which then says itself that it is away.
        navigateFallbackAllowlist: [/^\/gardens\/[^/]+\/shopping(\?|$)/],
        cleanupOutdatedCaches: true,
        runtimeCaching: [
          {
            urlPattern: /\/api\/(session|gardens\/[^/]+\/shopping\?season=\d+)$/,
            handler: "NetworkFirst",
            options: {
              cacheName: "outdoors",
              networkTimeoutSeconds: 5,
              cacheableResponse: { statuses: [200] },
              expiration: { maxEntries: 100 },
            },
          },
        ],
      },
    }),
  ],
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
