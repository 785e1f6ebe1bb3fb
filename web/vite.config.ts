import tailwindcss from "@tailwindcss/vite";
import react from "@vitejs/plugin-react";
import { defineConfig } from "vitest/config";

export default defineConfig({
  plugins: [react(), tailwindcss()],
  server: {
    fs: { allow: [".."] },
    proxy: { "/api": "http://127.0.0.1:8480" },
  },
  test: { environment: "happy-dom", include: ["src/**/*.test.{ts,tsx}"], restoreMocks: true },
  build: { target: "es2022", chunkSizeWarningLimit: 700, assetsInlineLimit: 0 },
});
