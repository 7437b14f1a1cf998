import tailwindcss from "@tailwindcss/vite";
import react from "@vitejs/plugin-react";
import { defineConfig } from "vite";
import { pictures } from "./pictures";

export default defineConfig({
  plugins: [pictures(), react(), tailwindcss()],
  build: { outDir: "../Nido.Web/wwwroot", emptyOutDir: true },
  server: { proxy: { "/api": `http://127.0.0.1:${process.env.NIDO_PORT ?? "5180"}` } },
});
