// The line between two states of one picture.
const WIDTH = 477;

export function remember(name, value) {
  const address = new URL(location.href);
  address.searchParams.set(name, value);
  history.replaceState(history.state, "", address);
}

function draw(wipe, cut) {
  const svg = wipe.querySelector("svg");
  const height = svg.viewBox.baseVal.height;
  const slant = Math.min(24, height / 26);
  const x = cut * WIDTH;
  wipe.dataset.cut = cut;
  wipe.querySelector("[data-half]").setAttribute("points", `${x + slant},0 ${WIDTH},0 ${WIDTH},${height} ${x - slant},${height}`);
  for (const line of wipe.querySelectorAll("[data-cutline], [data-cutzone]")) {
    line.setAttribute("d", `M${x + slant} 0L${x - slant} ${height}`);
  }
  wipe.querySelector("[data-knob]").setAttribute("transform", `translate(${x} ${height / 2})`);
  wipe.querySelector("[data-grip]").setAttribute("aria-valuenow", Math.round(cut * 100));
}

function move(wipe, cut) {
  const bounded = Math.round(Math.min(1, Math.max(0, cut)) * 1000) / 1000;
  draw(wipe, bounded);
  remember("cut", bounded);
}

let last = "";

// what was seen a moment ago stays, faintly, until the new look has come
export function keepLast(page) {
  const seen = page.querySelector("[data-look] .picture image[aria-hidden]") ?? page.querySelector("[data-look] .picture image:last-of-type");
  last = seen?.getAttribute("href") ?? "";
}

function lastUnder(root) {
  const images = root.querySelectorAll("[data-look] .picture image");
  if (!last || !images.length) {
    return;
  }
  const under = images[0].cloneNode(false);
  under.setAttribute("href", last);
  under.setAttribute("opacity", "0.35");
  under.setAttribute("aria-hidden", "true");
  images[0].before(under);
  images[images.length - 1].addEventListener("load", () => under.remove(), { once: true });
  last = "";
}

export function watchWipes(root) {
  lastUnder(root);
  for (const wipe of root.querySelectorAll("[data-wipe]")) {
    const grip = wipe.querySelector("[data-grip]");
    const svg = wipe.querySelector("svg");
    grip.addEventListener("pointerdown", (down) => {
      down.preventDefault();
      down.stopPropagation();
      grip.setPointerCapture(down.pointerId);
      grip.focus({ preventScroll: true });
      const drag = (event) => {
        const box = svg.getBoundingClientRect();
        move(wipe, (event.clientX - box.left) / box.width);
      };
      grip.addEventListener("pointermove", drag);
      grip.addEventListener("pointerup", () => grip.removeEventListener("pointermove", drag), { once: true });
      grip.addEventListener("pointercancel", () => grip.removeEventListener("pointermove", drag), { once: true });
    });
    grip.addEventListener("keydown", (event) => {
      const step = { ArrowLeft: -0.02, ArrowRight: 0.02, Home: -1, End: 1 }[event.key];
      if (step) {
        event.preventDefault();
        move(wipe, Number(wipe.dataset.cut) + step);
      }
    });
  }
}
