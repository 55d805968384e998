// A form sent while the answer to an earlier change is on its way: it goes when that answer is there, from the page as it is then.
let underway = 0;
let meant = null;

function changes(event) {
  return event.detail.requestConfig?.verb === "post";
}

function name(button) {
  return button ? button.getAttribute("aria-label") ?? `${button.name}=${button.value} ${button.textContent.trim()}` : "";
}

/** What a form is for: where it goes, what it always says, and the button pressed. */
function aim(form, button) {
  const always = [...form.querySelectorAll("input[type=hidden]")].filter((field) => field.name !== "version" && field.name !== "_csrf");
  return [form.getAttribute("action"), ...always.map((field) => `${field.name}=${field.value}`), name(button)].join("\n");
}

function buttons(form) {
  return [...form.querySelectorAll("button:not([type=button])")];
}

function hold(event) {
  const form = event.target;
  if (underway && form.method === "post" && !form.matches("[data-told]") && form.querySelector("[name=version]")) {
    event.preventDefault();
    event.stopImmediatePropagation();
    meant = { aim: aim(form, event.submitter), fields: [...form.elements].filter((field) => field.name && field.type !== "hidden" && field.type !== "submit") };
  }
}

function put(fresh, fields) {
  for (const field of fields) {
    const same = [...fresh.elements].find((each) => each.name === field.name && each.type === field.type && (!["radio", "checkbox"].includes(field.type) || each.value === field.value));
    if (same && field.type === "file") {
      same.files = field.files;
    } else if (same && "checked" in same && ["radio", "checkbox"].includes(field.type)) {
      same.checked = field.checked;
    } else if (same) {
      same.value = field.value;
    }
  }
}

function go() {
  if (underway || !meant) {
    return;
  }
  const { aim: aimed, fields } = meant;
  meant = null;
  for (const form of document.querySelectorAll("form[method=post]:not([data-told])")) {
    const button = [...buttons(form), null].find((each) => aim(form, each) === aimed);
    if (button !== undefined) {
      put(form, fields);
      form.requestSubmit(button);
      return;
    }
  }
}

function ends(event) {
  if (changes(event)) {
    underway = Math.max(0, underway - 1);
    // what has come stands in the page a moment later
    setTimeout(go, 50);
  }
}

document.addEventListener("submit", hold, true);
document.addEventListener("htmx:beforeSend", (event) => {
  underway += changes(event) ? 1 : 0;
});
document.addEventListener("htmx:afterRequest", ends);
