import { cpSync } from "node:fs";
import react from "@vitejs/plugin-react";
import { defineConfig, type Plugin } from "vite";

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

export default defineConfig({
  plugins: [react(), pdfData()],
  server: { fs: { allow: [".."] }, proxy: { "/api": "http://127.0.0.1:8470" } },
  build: { assetsInlineLimit: 0, target: "es2022", chunkSizeWarningLimit: 700 },
});
