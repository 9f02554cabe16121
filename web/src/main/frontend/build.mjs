// Builds what the browser needs into the jar's static folder: three scripts, one style sheet, two fonts.
import { execFileSync } from "node:child_process";
import { createHash } from "node:crypto";
import { cpSync, mkdirSync, readdirSync, readFileSync } from "node:fs";
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
  entryPoints: [join(here, "app.js"), join(here, "early.js")],
  bundle: true,
  minify: true,
  format: "iife",
  target: "es2020",
  outdir: assets,
  logLevel: "warning",
});

// What a device keeps for a time without the network belongs to one version of the pages.
await esbuild.build({
  entryPoints: [join(here, "worker.js")],
  bundle: true,
  minify: true,
  format: "iife",
  target: "es2020",
  outdir: join(assets, ".."),
  define: { VERSION: JSON.stringify(digest()) },
  logLevel: "warning",
});

demandUsedClasses();
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

// A class that is written by hand and that no page, picture or script names is somebody's forgotten layout: the build stops.
function demandUsedClasses() {
  const css = ["app.css", "pictures.css"].map((file) => readFileSync(join(here, file), "utf8")).join("\n").replace(/\/\*[\s\S]*?\*\//g, "");
  const classes = new Set([...css.matchAll(/([^{};]+)\{/g)].flatMap(([, head]) => [...head.matchAll(/\.([a-zA-Z][\w-]*)/g)].map((one) => one[1])));
  const sources = [join(here, "js"), join(here, "../java"), join(here, "../resources/templates")].flatMap(files);
  const text = sources.map((file) => readFileSync(file, "utf8")).join("\n");
  const words = new Set(text.match(/[a-zA-Z][\w-]*/g));
  const unused = [...classes].filter((one) => !words.has(one));
  if (unused.length > 0) {
    throw new Error(`a style sheet styles what nothing uses: ${unused.join(", ")}`);
  }
}

function digest() {
  const hash = createHash("sha256");
  for (const file of [join(assets, "app.js"), ...files(join(here, "../resources/templates")), ...files(join(here, "js"))]) {
    hash.update(readFileSync(file));
  }
  return hash.digest("hex").slice(0, 12);
}

function files(folder) {
  return readdirSync(folder, { withFileTypes: true, recursive: true })
    .filter((one) => one.isFile())
    .map((one) => join(one.parentPath ?? one.path, one.name));
}
