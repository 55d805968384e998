// The point whose core is shown beside the picture: by pointer or by arrow keys.
import { remember } from "./wipe.js";

const WIDTH = 477;
const SVG = "http://www.w3.org/2000/svg";

function element(name, attributes) {
  const made = document.createElementNS(SVG, name);
  for (const [key, value] of Object.entries(attributes)) {
    made.setAttribute(key, value);
  }
  return made;
}

export function watchPoint(root) {
  for (const look of root.querySelectorAll("[data-look]")) {
    const svg = look.querySelector(".picture svg");
    const height = svg.viewBox.baseVal.height;
    let x = Number(look.dataset.x);
    let y = Number(look.dataset.y);
    let asked = 0;

    const cross = element("g", { tabindex: "0", role: "img", fill: "none", stroke: "#fff", "stroke-width": "1.8", class: "point" });
    for (const [stroke, width] of [["rgba(18,39,45,.65)", "3.6"], ["#fff", "1.7"]]) {
      const layer = element("g", { stroke, "stroke-width": width });
      layer.append(element("circle", { r: "9", class: "ring" }), element("path", { d: "M0 -20v-8M0 20v8M-20 0h-8M20 0h8" }));
      cross.append(layer);
    }
    svg.insertBefore(cross, svg.querySelector("[data-grip]"));
    svg.classList.add("ground-point");

    const draw = () => {
      cross.setAttribute("transform", `translate(${x * WIDTH} ${y * height})`);
      cross.setAttribute("aria-label", `Point of the core, ${Math.round(x * 100)} per cent across, ${Math.round(y * 100)} down; arrow keys move it`);
    };
    const show = () => {
      draw();
      remember("x", x);
      remember("y", y);
      clearTimeout(asked);
      asked = setTimeout(() => window.htmx.ajax("GET", `${look.dataset.base}/section?${look.dataset.query}&open=${look.dataset.open}&x=${x}&y=${y}`,
        { target: "#section", swap: "outerHTML" }), 70);
    };
    const put = (newX, newY) => {
      const bounded = (v) => Math.round(Math.min(1, Math.max(0, v)) * 1000) / 1000;
      x = bounded(newX);
      y = bounded(newY);
      show();
    };
    const follow = (event) => {
      const box = svg.getBoundingClientRect();
      put((event.clientX - box.left) / box.width, (event.clientY - box.top) / box.height);
    };
    svg.addEventListener("pointerdown", (down) => {
      follow(down);
      svg.setPointerCapture(down.pointerId);
      svg.addEventListener("pointermove", follow);
      const stop = () => svg.removeEventListener("pointermove", follow);
      svg.addEventListener("pointerup", stop, { once: true });
      svg.addEventListener("pointercancel", stop, { once: true });
    });
    cross.addEventListener("keydown", (event) => {
      const far = event.shiftKey ? 0.05 : 0.01;
      const step = { ArrowLeft: [-far, 0], ArrowRight: [far, 0], ArrowUp: [0, -far], ArrowDown: [0, far] }[event.key];
      if (step) {
        event.preventDefault();
        put(x + step[0], y + step[1]);
      }
    });
    draw();
  }
}
