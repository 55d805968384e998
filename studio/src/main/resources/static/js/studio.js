// Pointer, keyboard and clocks of the daylight pages. All state that matters is in the address or on the server.
import "./later.js";
import { keepLast, watchWipes } from "./wipe.js";
import { watchPoint } from "./point.js";
import { watchFrame } from "./frame.js";
import { watchOpaque } from "./opaque.js";
import { watchBoard } from "./board.js";
import { watchMarking } from "./marking.js";
import { watchCorners } from "./corners.js";
import { watchArrange } from "./arrange.js";
import { watchEvenings } from "./evenings.js";
import { follow } from "./live.js";
import { away } from "./time.js";

let changed = "";
/** Forms whose answer is awaited: what was sent, and which fields were changed since. */
const awaited = new Map();
let carried = [];
let swapping = false;
/** The field that is still being typed in: what it holds is not meant yet, and not sent. */
let typing = "";
let leaving = "";

function fields(form) {
  return [...form.elements].filter((field) => field.id && field.matches("select, input:not([type=hidden])"));
}

/** What a field holds: of the options of a choice, whether it is the one. */
function held(field) {
  return field.matches("[type=radio]") ? field.checked : field.value;
}

function hold(field, value) {
  if (field.matches("[type=radio]")) {
    field.checked = value;
  } else {
    field.value = value;
  }
}

function isTold(event) {
  return event.detail.elt.matches?.("form[data-told]");
}

function awaitAnswer(event) {
  if (isTold(event)) {
    awaited.set(event.detail.elt, { sent: new Map(fields(event.detail.elt).map((field) => [field.id, field.id === typing ? field.defaultValue : field.value])), later: new Set() });
  }
}

function noAnswer(event) {
  awaited.delete(event.detail.elt);
  leaving = "";
}

// what was typed since goes over into the answer, finished or not
function carry(page) {
  carried = [];
  for (const [form, { sent, later }] of awaited) {
    if (page.contains(form)) {
      changed = form.contains(document.activeElement) ? document.activeElement.id : changed;
      carried = fields(form).filter((field) => (field.matches("[type=radio]") ? field.checked && later.has(field.id) : later.has(field.id) || field.value !== sent.get(field.id)))
        .map((field) => ({ id: field.id, value: held(field), later: later.has(field.id), at: field === document.activeElement && field.matches("[type=text], :not([type])") ? field.selectionStart : -1 }));
    }
  }
  awaited.clear();
}

function putDown() {
  let form = null;
  for (const { id, value, later, at } of carried) {
    const field = document.getElementById(id);
    if (field && (!field.matches("select") || [...field.options].some((option) => option.value === value))) {
      hold(field, value);
      form = later ? field.form : form;
      if (!later) {
        typing = id;
        // what was set for the hand is no change of its own
        field.addEventListener("blur", () => {
          typing = "";
          if (field.isConnected && field.value !== field.defaultValue) {
            field.dispatchEvent(new Event("change", { bubbles: true }));
          }
        }, { once: true });
      }
      if (at >= 0) {
        field.focus({ preventScroll: true });
        field.setSelectionRange(at, at);
      }
    }
  }
  carried = [];
  form?.requestSubmit();
  if (leaving && !awaited.size) {
    location.assign(leaving);
  }
}

// who goes on to another page before all was sent goes when it is
function leave(event) {
  const link = event.target.closest("a[href]");
  // a file is never older than its form
  if (link && ([...awaited.values()].some((answer) => answer.later.size) || link.hasAttribute("download") && awaited.size)) {
    event.preventDefault();
    event.stopPropagation();
    leaving = link.href.baseVal ?? link.href;
  }
}

function differs(field) {
  return field.matches("select") ? field.selectedIndex >= 0 && !field.selectedOptions[0].defaultSelected
    : field.matches("input[type=radio]") ? field.checked !== field.defaultChecked : field.matches("input:not([type=hidden])") && field.value !== field.defaultValue;
}

function sentences(root) {
  // changing a word of the plan sends it; what is changed before the answer is there is sent after it
  for (const form of root.querySelectorAll("form[data-told]")) {
    // its words hang where they act, all over the page
    (form.closest("#body") ?? form).addEventListener("change", (event) => {
      // a field that is taken out of the page while it is typed in says that it was changed
      if (swapping || event.target.form !== form) {
        return;
      }
      changed = event.target.id;
      typing = "";
      if (awaited.has(form)) {
        awaited.get(form).later.add(event.target.id);
      } else {
        form.requestSubmit();
      }
    });
    // a quick hand changes it before this listens
    const ahead = [...form.elements].find(differs);
    if (ahead) {
      changed = ahead.id;
      form.requestSubmit();
    }
  }
}

function once(root) {
  for (const form of root.querySelectorAll("form[method=post]:not([data-told])")) {
    form.addEventListener("submit", (event) => {
      if (form.dataset.sent) {
        event.preventDefault();
      }
      form.dataset.sent = "yes";
      setTimeout(() => delete form.dataset.sent, 4000);
    });
  }
}

function give(input, files) {
  input.files = files;
  input.dispatchEvent(new Event("change", { bubbles: true }));
}

/** Many pictures take a while: it is said that they are being read. */
function reading(input) {
  const said = input.files.length > 1 && input.form.querySelector("[data-reading]");
  if (said) {
    said.textContent = `Reading ${input.files.length} pictures; each takes a moment.`;
  }
}

function drops(root) {
  for (const input of root.querySelectorAll("input[type=file][data-drop]")) {
    for (const kind of ["dragover", "drop"]) {
      document.addEventListener(kind, (event) => {
        if (event.dataTransfer && event.dataTransfer.types.includes("Files")) {
          event.preventDefault();
          if (kind === "drop") {
            give(input, event.dataTransfer.files);
          }
        }
      });
    }
    document.addEventListener("paste", (event) => {
      if (event.clipboardData?.files.length) {
        give(input, event.clipboardData.files);
      }
    });
    input.addEventListener("change", () => {
      const title = input.form.querySelector("[name=title]");
      if (title && !title.value && input.files.length) {
        title.value = input.files[0].name.replace(/\.[^.]+$/, "").replace(/[-_]+/g, " ");
        // what was only proposed gives way to what is typed
        title.addEventListener("focus", () => title.select(), { once: true });
      }
      if (input.hasAttribute("data-go") && input.files.length) {
        input.form.requestSubmit();
      }
    });
    input.form.addEventListener("submit", () => reading(input));
  }
}

function stateKeys(event) {
  if (event.target.closest("input, select, textarea") || event.ctrlKey || event.metaKey || event.altKey) {
    return;
  }
  const key = event.key === "[" ? "minus" : event.key === "]" ? "plus" : event.key;
  const link = document.querySelector(`.states a[data-key="${CSS.escape(key)}"]`);
  if (link) {
    link.click();
  }
}

function tick() {
  const today = document.querySelector("[data-today]");
  if (!today) {
    return;
  }
  const shift = Number(today.dataset.now) - Number(today.dataset.loaded ||= Date.now());
  const now = Date.now() + shift;
  for (const item of today.querySelectorAll("[data-from]")) {
    const label = item.querySelector("[data-away]");
    const from = Number(item.dataset.from);
    const until = Number(item.dataset.until);
    const turning = until && now >= from ? until : from;
    if (label && turning && label.textContent) {
      label.textContent = away(turning - now);
    }
  }
}

const SOON = 1500;
let again = 0;

let pressed = false;
addEventListener("pointerdown", () => (pressed = true), true);
for (const ends of ["pointerup", "pointercancel"]) {
  addEventListener(ends, () => (pressed = false), true);
}

/** Whether a field holds something else than it came with. */
function touched(field) {
  if (field.matches("select")) {
    return field.selectedIndex !== Math.max(0, [...field.options].findIndex((option) => option.defaultSelected));
  }
  return field.matches("[type=checkbox], [type=radio]") ? field.checked !== field.defaultChecked : field.value !== field.defaultValue;
}

/** Whether somebody is at something on it: pressing, typing, reading what was opened, or with something typed and not sent. */
function busy(page) {
  const hand = document.activeElement;
  return pressed || page.querySelector("details[open]") || (page.contains(hand) && hand.matches("input, select, textarea")) || [...page.querySelectorAll("input:not([type=hidden]), textarea, select")].some(touched);
}

/** A page of what is under way as it is by now, once no hand is in it. */
function refresh() {
  const page = document.querySelector("[data-live]");
  const hand = document.activeElement;
  if (!page) {
    return;
  }
  if (busy(page)) {
    clearTimeout(again);
    again = setTimeout(refresh, SOON);
    return;
  }
  const href = page.contains(hand) ? hand.getAttribute("href") : null;
  window.htmx.ajax("GET", location.pathname + location.search, { target: "#body", select: "#body", swap: "outerHTML" }).then(() => href && document.querySelector(`#body a[href="${CSS.escape(href)}"]`)?.focus());
}

/** What is told at a bench, here or at another device, is seen as it happens: on Today, in Sittings, on the shelf. */
function watchLive() {
  if (document.querySelector("[data-live]")) {
    follow(undefined, (kind) => ["making", "again"].includes(kind) && refresh());
  }
}

function start(root) {
  sentences(root);
  once(root);
  drops(root);
  watchWipes(root);
  watchPoint(root);
  watchFrame(root);
  watchOpaque(root);
  watchBoard(root);
  watchMarking(root);
  watchCorners(root);
  watchArrange(root);
  watchEvenings(root);
}

let unfolded = [];

function fold(details) {
  return details.id || details.querySelector("summary").textContent;
}

// what is seen stays until its answer has come, and what was unfolded stays so
function beforeAnswer(event) {
  if (event.detail.target?.id === "page") {
    keepLast(event.detail.target);
    carry(event.detail.target);
    swapping = true;
    unfolded = [...event.detail.target.querySelectorAll("details[open]")].map(fold);
  }
}

// the place in the sentence is kept when its answer has come
function comeBack(event) {
  if (event.detail.target?.id === "page") {
    swapping = false;
    for (const details of document.querySelectorAll("#page details")) {
      details.open ||= unfolded.includes(fold(details));
    }
    document.getElementById(changed)?.focus({ preventScroll: true });
    changed = "";
    putDown();
  }
}

// the point and the line stay where they were put, whatever is changed or looked at
function stay(event) {
  const { elt, verb, parameters, path } = event.detail;
  const put = new URL(location.href).searchParams;
  if (elt.matches?.("form[data-told]")) {
    for (const name of PLACES.filter((each) => put.has(each))) {
      parameters[name] = put.get(name);
    }
  } else if (verb === "get" && elt.closest?.(".build")) {
    const address = stayed(path);
    event.detail.path = address.pathname + address.search;
  }
}

const PLACES = ["x", "y", "cut"];

function stayed(path) {
  const address = new URL(path, location.href);
  const put = new URL(location.href).searchParams;
  for (const name of PLACES.filter((each) => address.pathname === location.pathname && put.has(each))) {
    address.searchParams.set(name, put.get(name));
  }
  return address;
}

// a layer opens what is decided there; the library that swaps pages knows no links of a drawing
function openLayer(event) {
  const layer = event.target.closest?.("[data-layer]");
  if (layer && !event.defaultPrevented && !event.ctrlKey && !event.metaKey && !event.shiftKey && window.htmx) {
    event.preventDefault();
    const address = stayed(layer.href.baseVal);
    window.htmx.ajax("GET", address.pathname + address.search, { source: layer, target: "#page", select: "#page", swap: "outerHTML" })
      .then(() => history.replaceState(history.state, "", address));
  }
}

// up and down from layer to layer
function layerKeys(event) {
  const layer = event.target.closest?.("[data-layer]");
  const by = { ArrowUp: -1, ArrowDown: 1 }[event.key];
  if (layer && by) {
    event.preventDefault();
    const layers = [...document.querySelectorAll("[data-layer]")];
    layers[layers.indexOf(layer) + by]?.focus();
  }
}

// what is asked for from within a page carries the same token as its forms
function signed(event) {
  stay(event);
  const unmeant = typing && event.detail.elt.matches?.("form[data-told]") ? document.getElementById(typing) : null;
  if (unmeant) {
    event.detail.parameters[unmeant.name] = unmeant.defaultValue;
  }
  if (event.detail.verb !== "get" && !event.detail.parameters._csrf) {
    event.detail.parameters._csrf = document.querySelector("meta[name=form-token]").content;
  }
}

document.addEventListener("click", leave, true);
document.addEventListener("click", openLayer);
document.addEventListener("htmx:configRequest", signed);
document.addEventListener("keydown", stateKeys);
document.addEventListener("keydown", layerKeys);
document.addEventListener("htmx:beforeRequest", awaitAnswer);
for (const failed of ["htmx:responseError", "htmx:sendError", "htmx:timeout"]) {
  document.addEventListener(failed, noAnswer);
}
document.addEventListener("htmx:beforeSwap", beforeAnswer);
document.addEventListener("htmx:afterSettle", comeBack);
document.addEventListener("htmx:load", (event) => {
  start(event.target);
  dispatchEvent(new Event("kindveil:awake"));
});
setInterval(tick, 5000);
if (!window.htmx) {
  start(document);
  dispatchEvent(new Event("kindveil:awake"));
}

watchLive();
