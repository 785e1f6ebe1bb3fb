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
  build: {
    target: "es2022",
    assetsInlineLimit: 0,
    rolldownOptions: {
      output: {
        codeSplitting: {
          groups: [
            { name: "schema", test: /docs\/formats/ },
            { name: "react", test: /node_modules\/(react|react-dom|scheduler)\// },
            { name: "vendor", test: /node_modules\// },
          ],
        },
      },
    },
  },
});
