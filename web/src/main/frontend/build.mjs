// Builds what the browser needs into the jar's static folder: one script, one style sheet, two fonts.
import { execFileSync } from "node:child_process";
import { cpSync, mkdirSync } from "node:fs";
import { dirname, join } from "node:path";
import { fileURLToPath } from "node:url";
import * as esbuild from "esbuild";

const here = dirname(fileURLToPath(import.meta.url));
// Letters of printed pages; outside what the browser is given.
const paper = join(here, "../../../target/classes/fonts");
const assets = join(here, "../../../target/classes/static/assets");
const fonts = join(here, "node_modules/@fontsource-variable");
mkdirSync(join(assets, "fonts"), { recursive: true });

await esbuild.build({
  entryPoints: [join(here, "app.js")],
  bundle: true,
  minify: true,
  format: "iife",
  target: "es2020",
  outfile: join(assets, "app.js"),
  logLevel: "warning",
});

execFileSync(
  join(here, "node_modules/.bin/tailwindcss"),
  ["--input", join(here, "app.css"), "--output", join(assets, "app.css"), "--minify"],
  { cwd: here, stdio: ["ignore", "ignore", "inherit"] },
);

cpSync(
  join(fonts, "bricolage-grotesque/files/bricolage-grotesque-latin-wght-normal.woff2"),
  join(assets, "fonts/bricolage-grotesque.woff2"),
);
cpSync(
  join(fonts, "atkinson-hyperlegible-next/files/atkinson-hyperlegible-next-latin-wght-normal.woff2"),
  join(assets, "fonts/atkinson-hyperlegible-next.woff2"),
);
mkdirSync(paper, { recursive: true });
const noto = join(here, "node_modules/@expo-google-fonts");
cpSync(join(noto, "noto-sans/400Regular/NotoSans_400Regular.ttf"), join(paper, "noto-sans.ttf"));
cpSync(join(noto, "noto-sans-georgian/400Regular/NotoSansGeorgian_400Regular.ttf"), join(paper, "noto-sans-georgian.ttf"));
cpSync(join(noto, "noto-sans-hebrew/400Regular/NotoSansHebrew_400Regular.ttf"), join(paper, "noto-sans-hebrew.ttf"));
cpSync(join(noto, "noto-sans-sc/400Regular/NotoSansSC_400Regular.ttf"), join(paper, "noto-sans-sc.ttf"));
cpSync(join(noto, "noto-sans-kr/400Regular/NotoSansKR_400Regular.ttf"), join(paper, "noto-sans-kr.ttf"));
