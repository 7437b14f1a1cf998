import babel from "@rolldown/plugin-babel";
import tailwindcss from "@tailwindcss/vite";
import react, { reactCompilerPreset } from "@vitejs/plugin-react";
import { defineConfig, type Plugin } from "vite";
import { flatTexts } from "./flatTexts";
import { packed } from "./packed";
import { pictures } from "./pictures";

/**
 * What is drawn is remembered by what it is made of, so that a press draws anew what it changed. How a day or a figure is
 * written hangs on the language besides, of which no value tells: who writes one is drawn whenever it is asked to be.
 */
const compiler = reactCompilerPreset();
const remembered = {
  ...compiler,
  rolldown: {
    ...compiler.rolldown,
    filter: { id: /\/src\/.*\.tsx?$/, code: { exclude: /from "(?:\.\.?\/)+(?:shared\/)?(?:dates|figures)"/ } },
  },
};

/** What the small script that begins needs itself stands beside it: else it would wait for the program. */
const toBegin = /preload-helper|\/src\/(api\/ahead|app\/pages|i18n\/language|shared\/calendar)\.ts/;

/**
 * What several pages need goes into one file: on a slow line a dozen small ones cost a dozen journeys. Not the library of
 * forms, which few pages have.
 */
const inProgram = (id: string) => !/react-hook-form|\.css|\.json/.test(id);

/**
 * The paper and the rail of index.html need the styles alone: on a slow line those come before the scripts. The program
 * itself, which the small script that begins asks for, is on its way as soon as that is.
 */
const paperFirst: Plugin = {
  name: "paper-first",
  transformIndexHtml: {
    order: "post",
    handler: (html, { bundle = {} }) => {
      const chunks = Object.values(bundle).filter((c) => c.type === "chunk");
      const main = chunks.find((c) => c.facadeModuleId?.endsWith("/src/main.tsx"));
      const early = [main?.fileName, ...(main?.imports ?? [])].filter((f) => f && !html.includes(f));
      const links = early.map((f) => `<link rel="modulepreload" crossorigin href="/${f}">`).join("");
      return html
        .replace("</head>", `${links}</head>`)
        .replace('<script type="module"', '<script type="module" async')
        .replaceAll(/<(script type="module"|link rel="modulepreload")/g, '<$1 fetchpriority="low"');
    },
  },
};

export default defineConfig({
  plugins: [pictures(), flatTexts(), react(), babel({ presets: [remembered] }), tailwindcss(), paperFirst, packed()],
  // Texts are read faster as one string than as a program.
  json: { stringify: true, namedExports: false },
  build: {
    outDir: "../Nido.Web/wwwroot",
    emptyOutDir: true,
    rolldownOptions: {
      output: {
        codeSplitting: {
          groups: [
            { name: "begin", test: toBegin, priority: 1 },
            { name: "program", minShareCount: 4, test: inProgram },
          ],
        },
      },
    },
  },
  server: { proxy: { "/api": `http://127.0.0.1:${process.env.NIDO_PORT ?? "5180"}` } },
});
