import { cpSync } from "node:fs";
import react from "@vitejs/plugin-react";
import { defineConfig, type Plugin } from "vite";
import { VitePWA } from "vite-plugin-pwa";

/** Tables of characters and plain fonts that PDF pages may ask for, served beside the script. */
function pdfData(): Plugin {
  return {
    name: "pdf-data",
    apply: "build",
    writeBundle({ dir }) {
      for (const part of ["cmaps", "standard_fonts"]) {
        cpSync(`node_modules/pdfjs-dist/${part}`, `${dir}/assets/pdf/${part}`, { recursive: true });
      }
    },
  };
}

/** A service worker that keeps the page itself, so that it opens while the server is away. */
const kept = VitePWA({
  injectRegister: null,
  manifest: false,
  workbox: {
    globPatterns: ["assets/*.{js,css}"],
    globIgnores: ["assets/pdf*"], // fonts and what PDF pages need are kept once they were used
    maximumFileSizeToCacheInBytes: 4_000_000,
    navigateFallback: undefined,
    inlineWorkboxRuntime: true,
    cleanupOutdatedCaches: true,
    clientsClaim: true,
    runtimeCaching: [
      {
        // the newest page if it comes, whatever its address names
        urlPattern: ({ request, url }) =>
          request.mode === "navigate" && !url.pathname.startsWith("/api/"),
        handler: "NetworkFirst",
        options: {
          cacheName: "page",
          networkTimeoutSeconds: 6,
          plugins: [{ cacheKeyWillBeUsed: async () => "/" }],
        },
      },
      {
        urlPattern: ({ url }) => url.pathname.startsWith("/assets/"),
        handler: "CacheFirst",
        options: { cacheName: "assets", expiration: { maxEntries: 200 } },
      },
    ],
  },
});

export default defineConfig({
  plugins: [react(), pdfData(), kept],
  server: { fs: { allow: [".."] }, proxy: { "/api": "http://127.0.0.1:8470" } },
  build: { assetsInlineLimit: 0, target: "es2022", chunkSizeWarningLimit: 700 },
});
