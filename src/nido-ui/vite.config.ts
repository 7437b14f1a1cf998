import tailwindcss from "@tailwindcss/vite";
import react from "@vitejs/plugin-react";
import { defineConfig, type Plugin } from "vite";
import { pictures } from "./pictures";

/** The paper and the rail of index.html need the styles alone: on a slow line those come before the scripts. */
const paperFirst: Plugin = {
  name: "paper-first",
  transformIndexHtml: {
    order: "post",
    handler: (html) => html.replaceAll(/<(script type="module"|link rel="modulepreload")/g, '<$1 fetchpriority="low"'),
  },
};

export default defineConfig({
  plugins: [pictures(), react(), tailwindcss(), paperFirst],
  // Texts are read faster as one string than as a program.
  json: { stringify: true },
  build: { outDir: "../Nido.Web/wwwroot", emptyOutDir: true },
  server: { proxy: { "/api": `http://127.0.0.1:${process.env.NIDO_PORT ?? "5180"}` } },
});
