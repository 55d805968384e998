// The bench: clocks drawn from times the server holds, held presses, number keys, sound, a screen kept awake.
import { follow } from "./live.js";
import { away, figure } from "./time.js";

const HOLD_MS = 500;
const WIDTH = 1168;
const loaded = performance.now();
const atLoad = Number(document.body.dataset.now);
const now = () => atLoad + (performance.now() - loaded);
let sound = sessionStorage.getItem("sound") === "on";
let audio;
const rung = new Set();

// --- clocks
function phaseOf(clock, t) {
  const { opens, closing, gone } = clock.dataset;
  if (t < Number(opens)) {
    return "too soon";
  }
  if (Number(gone) && t >= Number(gone)) {
    return "too late";
  }
  return Number(closing) && t >= Number(closing) ? "closing" : "good";
}

// what the figure over the hand counts
function counted(clock, t) {
  const { opens, advised, gone } = clock.dataset;
  if (t < Number(opens)) {
    return `${figure(Number(opens) - t)} to ${Number(advised) > Number(opens) ? "the first check" : "go"}`;
  }
  if (Number(gone)) {
    return t < Number(gone) ? `${figure(Number(gone) - t)} left` : `${figure(t - Number(gone))} too late`;
  }
  return t < Number(advised) ? `${figure(Number(advised) - t)} to safe` : "safe now";
}

function drawClock(clock, t) {
  const x = Math.min(WIDTH, Math.max(0, (t - Number(clock.dataset.began)) / Number(clock.dataset.scale) * WIDTH));
  const hand = clock.querySelector("[data-hand]");
  hand.setAttribute("transform", `translate(${x} 0)`);
  for (const reading of clock.querySelectorAll("[data-figure]")) {
    reading.textContent = counted(clock, t);
  }
  const label = hand.querySelector("[data-figure]");
  const half = label.getComputedTextLength() / 2;
  label.setAttribute("x", Math.max(half - x, Math.min(WIDTH - half - x, 0)));
  const phase = phaseOf(clock, t);
  clock.querySelector("[data-word]").textContent = phase;
  if (clock.dataset.phase !== phase) {
    const before = clock.dataset.phase;
    clock.dataset.phase = phase;
    clock.querySelector("[data-phase]").textContent = phase;
    if (before) {
      ring(phase === "closing" || phase === "too late" ? 3 : 1, 0);
    }
  }
}

function drawSlip(slip, t) {
  const from = Number(slip.dataset.from);
  const until = Number(slip.dataset.until);
  if (from <= 0) {
    return;
  }
  slip.querySelector("[data-away]").textContent = away((until && t >= from ? until : from) - t);
  const key = `${slip.textContent.slice(0, 40)}${from}`;
  const due = until ? until - 120000 : from;
  if (t >= due && t < due + 5000 && !rung.has(key)) {
    rung.add(key);
    ring(2, 1 + Number(slip.dataset.tone));
  }
}

function tick() {
  const t = now();
  document.querySelectorAll("[data-clock]").forEach((clock) => drawClock(clock, t));
  document.querySelectorAll(".slip").forEach((slip) => drawSlip(slip, t));
  const wall = document.querySelector("[data-wall]");
  wall.textContent = new Date(t).toLocaleTimeString("en-GB", { hour: "2-digit", minute: "2-digit" });
}

// --- sound: each running thing has its own pitch and rhythm
function ring(times, tone) {
  if (!sound || !ringsHere()) {
    return;
  }
  audio ||= new AudioContext();
  const pitch = [523, 392, 659, 330, 784][tone % 5];
  for (let i = 0; i < times; i++) {
    const at = audio.currentTime + i * (0.32 + 0.12 * tone);
    const voice = audio.createOscillator();
    const loud = audio.createGain();
    voice.type = tone % 2 ? "triangle" : "sine";
    voice.frequency.value = pitch;
    loud.gain.setValueAtTime(0.0001, at);
    loud.gain.exponentialRampToValueAtTime(0.3, at + 0.02);
    loud.gain.exponentialRampToValueAtTime(0.0001, at + 0.28);
    voice.connect(loud).connect(audio.destination);
    voice.start(at);
    voice.stop(at + 0.3);
  }
}

// alarms ring at one device, the one chosen last
const ringsHere = () => document.body.dataset.rings === document.body.dataset.here;

function showSound() {
  const button = document.querySelector("[data-sound]");
  const here = ringsHere();
  button.textContent = here ? (sound ? "sound on (m)" : "sound off (m)") : `rings at ${document.body.dataset.ringing}, ring here (m)`;
  button.setAttribute("aria-pressed", String(sound && here));
}

async function switchSound() {
  if (!ringsHere()) {
    await fetch("/alarms", { method: "POST", body: new URLSearchParams({ _csrf: document.body.dataset.token }) });
    document.body.dataset.rings = document.body.dataset.here;
    sound = false;
  }
  sound = !sound;
  sessionStorage.setItem("sound", sound ? "on" : "off");
  showSound();
  ring(1, 0);
}

// --- going on is a held press: wet glass taps by itself
function send(form) {
  if (!form.dataset.sent) {
    form.dataset.sent = "yes";
    if (document.body.dataset.dwell && form.dataset.hold === "space") {
      count(3, form);
    } else {
      form.submit();
    }
  }
}

// a dwell begins at nought: both hands hold the film by then
function count(left, form) {
  const shown = document.querySelector("[data-count]");
  if (left === 0) {
    form.submit();
    return;
  }
  shown.hidden = false;
  shown.textContent = left;
  ring(1, 0);
  setTimeout(() => count(left - 1, form), 1000);
}

// an act told late: dragged along a line, or typed; when that was is said
for (const late of document.querySelectorAll("[data-late]")) {
  const typed = late.querySelector("[name=ago]");
  const line = late.querySelector("[data-line]");
  const say = () => {
    const minutes = Number(typed.value.replace(",", "."));
    const then = new Date(now() - minutes * 60000);
    late.querySelector("[data-then]").textContent = Number.isFinite(minutes) ? `at ${then.toLocaleTimeString("en-GB", { hour: "2-digit", minute: "2-digit" })}` : "";
  };
  line?.addEventListener("input", () => {
    typed.value = line.value;
    say();
  });
  typed.addEventListener("input", () => {
    if (line) {
      line.value = typed.value;
    }
    say();
  });
  say();
}

// a count for what the hands do for a while: three to be ready, then down to nought; any touch or key ends it
const counter = document.querySelector("[data-count-for]");
let counting = 0;

function stopCounting() {
  clearTimeout(counting);
  counting = 0;
  document.querySelector("[data-count]").hidden = true;
}

function step(ready, left) {
  const shown = document.querySelector("[data-count]");
  if (left < 0) {
    ring(3, 1);
    stopCounting();
    return;
  }
  shown.hidden = false;
  shown.classList.toggle("ready", ready > 0);
  shown.textContent = ready || left;
  if (ready || left <= 3) {
    ring(1, 0);
  }
  counting = setTimeout(() => (ready ? step(ready - 1, left) : step(0, left - 1)), 1000);
}

function startCounting() {
  if (counter && !counting) {
    step(3, Number(counter.dataset.seconds));
  }
}

counter?.addEventListener("click", startCounting);
document.querySelector("[data-count]").addEventListener("pointerdown", stopCounting);

function holdable(form) {
  const button = form.querySelector("button");
  let timer = 0;
  const begin = () => {
    if (!timer) {
      button.classList.add("holding");
      timer = setTimeout(() => send(form), HOLD_MS);
    }
  };
  const end = () => {
    clearTimeout(timer);
    timer = 0;
    button.classList.remove("holding");
  };
  // let go too soon: the bar says for a moment what it waits for
  const meaning = button.querySelector("small");
  const meant = meaning.textContent;
  const letGo = () => {
    if (timer && !form.dataset.sent) {
      meaning.textContent = "Hold it until it is full";
      setTimeout(() => { meaning.textContent = meant; }, 2500);
    }
    end();
  };
  button.addEventListener("click", (event) => {
    event.preventDefault();
    if (event.detail === 0) {
      // no finger and no key: a screen reader or a switch pressed it, and means it
      send(form);
    }
  });
  button.addEventListener("pointerdown", begin);
  button.addEventListener("pointerup", letGo);
  for (const kind of ["pointerleave", "pointercancel", "contextmenu"]) {
    button.addEventListener(kind, end);
  }
  return { begin, end: letGo };
}

const answers = [...document.querySelectorAll("[data-answer]")].map((form) => ({ form, ...holdable(form) }));
const main = answers.find((answer) => answer.form.dataset.hold === "space");

function typing(event) {
  return event.target.closest("input, select, textarea, summary") || event.ctrlKey || event.metaKey || event.altKey;
}

document.addEventListener("keydown", (event) => {
  if (counting) {
    event.preventDefault();
    stopCounting();
    return;
  }
  if (event.key === "t" && counter && !typing(event)) {
    startCounting();
    return;
  }
  if (typing(event)) {
    return;
  }
  const button = event.target.closest("button, a");
  const own = button && button.closest("[data-answer]");
  if ((event.key === " " || event.key === "Enter") && (own || !button && event.key === " ")) {
    event.preventDefault();
    if (!event.repeat) {
      (own ? answers.find((answer) => answer.form === own) : main)?.begin();
    }
  } else if (/^[1-9]$/.test(event.key) && !event.repeat) {
    answers.find((answer) => answer.form.dataset.key === event.key)?.begin();
    document.querySelector(`[data-result="${event.key}"]`)?.click();
  } else if (event.key === "u" && !event.repeat) {
    const undo = document.querySelector("[data-undo]");
    if (undo) {
      send(undo);
    }
  } else if (/^[a-i]$/.test(event.key) && !event.repeat) {
    document.querySelector(`[data-sign="${event.key}"]`)?.click();
  } else if (/^[jkl]$/.test(event.key) && !event.repeat) {
    document.querySelector(`[data-jar="${event.key}"]`)?.click();
  } else if (event.key === "n" && !event.repeat) {
    document.querySelector("[data-back]:not([hidden]), [data-ahead]")?.click();
  } else if (event.key === "m" && !event.repeat) {
    switchSound();
  }
});
document.addEventListener("keyup", (event) => {
  if (event.key === " " || event.key === "Enter" || /^[1-9]$/.test(event.key)) {
    answers.forEach((answer) => answer.end());
  }
});
window.addEventListener("blur", () => answers.forEach((answer) => answer.end()));

// --- to what closes next at another piece, and back to where one was
const ahead = document.querySelector("[data-ahead]");
const back = document.querySelector("[data-back]");
const cameFrom = JSON.parse(sessionStorage.getItem("came-from") ?? "null");
if (cameFrom?.to === location.pathname) {
  back.href = cameFrom.from;
  back.firstChild.textContent = `back to ${cameFrom.name}`;
  back.hidden = false;
}
ahead?.addEventListener("click", () => {
  sessionStorage.setItem("came-from", JSON.stringify({ from: location.pathname, to: new URL(ahead.href).pathname, name: document.querySelector(".top b").textContent }));
});
back.addEventListener("click", () => sessionStorage.removeItem("came-from"));

// --- the screen stays awake while the bench is open, and the page is fresh after sleep
async function stayAwake() {
  try {
    await navigator.wakeLock?.request("screen");
  } catch {
    // some machines do not offer it; the clocks are the server's all the same
  }
}
document.addEventListener("visibilitychange", () => {
  if (document.visibilityState === "visible") {
    stayAwake();
    if (Math.abs(performance.now() - loaded - (Date.now() - performance.timeOrigin - loaded)) > 5000) {
      location.reload();
    }
  }
});
window.addEventListener("pageshow", (event) => {
  if (event.persisted) {
    location.reload();
  }
});

// --- what is told at another device is followed here; whoever is in the middle of something else is asked first
let leaving = 0;
let busy = 0;
window.addEventListener("beforeunload", () => { leaving = performance.now(); });
for (const kind of ["keydown", "pointerdown", "input"]) {
  document.addEventListener(kind, () => { busy = performance.now(); }, true);
}
const within = (moment, ms) => moment && performance.now() - moment < ms;
const openForm = () => document.querySelector("details[open] input, details[open] textarea, input:focus, textarea:focus");

function heard(kind, said) {
  const { making, changes } = document.body.dataset;
  if (kind === "again") {
    // its state is said as soon as it listens
    return;
  }
  if (kind === "out") {
    location.assign("/enter");
  } else if (kind === "rings") {
    document.body.dataset.rings = said.device;
    document.body.dataset.ringing = said.name;
    showSound();
  } else if (said.id === making ? String(said.changes) !== changes && !within(leaving, 5000) : !within(busy, 5000) && !counting && !openForm() && !within(leaving, 5000)) {
    location.reload();
  }
}
follow(document.body.dataset.making, heard);

document.querySelector("[data-sound]").addEventListener("click", switchSound);
showSound();
stayAwake();
tick();
setInterval(tick, 250);

// said once the bench listens: hands may come before the script has
document.body.dataset.ready = "yes";
dispatchEvent(new Event("kindveil:awake"));
