// Pointer, keyboard and clocks of the daylight pages. All state that matters is in the address or on the server.
import { keepLast, watchWipes } from "./wipe.js";
import { watchPoint } from "./point.js";
import { watchFrame } from "./frame.js";
import { watchOpaque } from "./opaque.js";
import { watchBoard } from "./board.js";
import { watchMarking } from "./marking.js";
import { away } from "./time.js";

let changed = "";

function differs(field) {
  return field.matches("select") ? field.selectedIndex >= 0 && !field.selectedOptions[0].defaultSelected
    : field.matches("input[type=radio]") ? field.checked !== field.defaultChecked : field.matches("input:not([type=hidden])") && field.value !== field.defaultValue;
}

function sentences(root) {
  // changing a word of the plan sends it; until the answer is there it cannot be changed again
  for (const form of root.querySelectorAll("form[data-told]")) {
    form.addEventListener("change", (event) => {
      changed = event.target.id;
      form.requestSubmit();
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

function drops(root) {
  for (const input of root.querySelectorAll("input[type=file][data-drop]")) {
    for (const kind of ["dragover", "drop"]) {
      document.addEventListener(kind, (event) => {
        if (event.dataTransfer && event.dataTransfer.types.includes("Files")) {
          event.preventDefault();
          if (kind === "drop") {
            input.files = event.dataTransfer.files;
            input.dispatchEvent(new Event("change", { bubbles: true }));
          }
        }
      });
    }
    input.addEventListener("change", () => {
      const title = input.form.querySelector("[name=title]");
      if (title && !title.value && input.files.length) {
        title.value = input.files[0].name.replace(/\.[^.]+$/, "").replace(/[-_]+/g, " ");
      }
    });
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
}

let unfolded = [];

function fold(details) {
  return details.id || details.querySelector("summary").textContent;
}

// what is seen stays until its answer has come, and what was unfolded stays so
function beforeAnswer(event) {
  if (event.detail.target?.id === "page") {
    keepLast(event.detail.target);
    unfolded = [...event.detail.target.querySelectorAll("details[open]")].map(fold);
  }
}

// the place in the sentence is kept when its answer has come
function comeBack(event) {
  if (event.detail.target?.id === "page") {
    for (const details of document.querySelectorAll("#page details")) {
      details.open ||= unfolded.includes(fold(details));
    }
    document.getElementById(changed)?.focus({ preventScroll: true });
    changed = "";
  }
}

// what is asked for from within a page carries the same token as its forms
function signed(event) {
  if (event.detail.verb !== "get" && !event.detail.parameters._csrf) {
    event.detail.parameters._csrf = document.querySelector("meta[name=form-token]").content;
  }
}

document.addEventListener("htmx:configRequest", signed);
document.addEventListener("keydown", stateKeys);
document.addEventListener("htmx:beforeSwap", beforeAnswer);
document.addEventListener("htmx:afterSettle", comeBack);
document.addEventListener("htmx:load", (event) => start(event.target));
setInterval(tick, 5000);
if (!window.htmx) {
  start(document);
}
