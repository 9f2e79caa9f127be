import react from "@vitejs/plugin-react";
import { defineConfig } from "vite";

export default defineConfig({
  plugins: [react()],
  server: { fs: { allow: [".."] }, proxy: { "/api": "http://127.0.0.1:8470" } },
  build: { assetsInlineLimit: 0, target: "es2022" },
});
