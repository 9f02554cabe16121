// What only the browser can do; every rule and number comes from the server.
import "./js/morph.js";
import "./js/lists.js";
import "./js/fields.js";
import "./js/drag.js";
import "./js/section.js";
import "./js/fire.js";
import "./js/keys.js";
import "./js/live.js";
import "./js/timers.js";
import "./js/unsaved.js";
import "./js/bench.js";
import "./js/drafts.js";
import "./js/closing.js";
import "./js/scale.js";
import "./js/cover.js";
import "./js/practice.js";
import "./js/page.js";
