import { readFile, writeFile } from "node:fs/promises";
import { join } from "node:path";
import { promisify } from "node:util";
import { brotliCompress } from "node:zlib";
import type { Plugin } from "vite";

const pack = promisify(brotliCompress);

/**
 * Lays each script and style down packed as well, as tightly as it goes: packing them so at each call would take longer than
 * it saves.
 */
export function packed(): Plugin {
  return {
    name: "nido-packed",
    apply: "build",
    enforce: "post",
    async writeBundle({ dir = "" }, bundle) {
      const names = Object.keys(bundle).filter((n) => /\.(js|css)$/.test(n));
      await Promise.all(
        names.map(async (name) => {
          const file = join(dir, name);
          await writeFile(`${file}.br`, await pack(await readFile(file)));
        }),
      );
    },
  };
}
