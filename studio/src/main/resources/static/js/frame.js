// What stays of a picture: a rectangle with eight places to take hold of, and a line that should be level.
const SVG = "http://www.w3.org/2000/svg";
const PLACES = [[0, 0], [0.5, 0], [1, 0], [1, 0.5], [1, 1], [0.5, 1], [0, 1], [0, 0.5]];
const NAMES = ["top left", "top", "top right", "right", "foot right", "foot", "foot left", "left"];
const LEAST = 0.05;

export function watchFrame(root) {
  for (const form of root.querySelectorAll("[data-frame]")) {
    const svg = form.querySelector("svg");
    const image = svg.querySelector("image");
    const part = (name) => svg.querySelector(`[data-${name}]`);
    const field = (name) => form.elements[name];
    const height = () => svg.viewBox.baseVal.height;
    const number = (name) => Number(field(name).value.replace(",", ".").replace("−", "-")) || 0;
    const box = () => ({ left: number("left") / 100, top: number("top") / 100, right: 1 - number("right") / 100, bottom: 1 - number("bottom") / 100 });

    const corners = PLACES.map(([u, v], i) => {
      const corner = document.createElementNS(SVG, "circle");
      corner.setAttribute("r", "11");
      corner.setAttribute("tabindex", "0");
      corner.setAttribute("role", "button");
      corner.setAttribute("aria-label", `What stays, ${NAMES[i]}; arrow keys move it`);
      corner.dataset.u = u;
      corner.dataset.v = v;
      part("corners").append(corner);
      return corner;
    });

    function draw() {
      const { left, top, right, bottom } = box();
      const x = left * 1000;
      const y = top * height();
      const w = (right - left) * 1000;
      const h = (bottom - top) * height();
      part("dark").setAttribute("d", `M0 0H1000V${height()}H0ZM${x} ${y}h${w}v${h}h${-w}Z`);
      for (const [key, value] of Object.entries({ x, y, width: Math.max(0, w), height: Math.max(0, h) })) {
        part("kept").setAttribute(key, value);
      }
      for (const corner of corners) {
        corner.setAttribute("cx", x + w * corner.dataset.u);
        corner.setAttribute("cy", y + h * corner.dataset.v);
      }
      const whole = Number(form.dataset.whole);
      const wide = Number(form.dataset.scale) * whole * (right - left);
      const tall = Number(form.dataset.scale) * whole * (height() / 1000) * (bottom - top);
      const kept = field("scale").value === "same" ? 1 : Number(form.dataset.wide ||= Number(form.dataset.scale) * whole * (right - left)) / wide;
      const mm = (v) => (v * kept).toFixed(1).replace(/\.0$/, "");
      form.querySelector("[data-size]").textContent = `${mm(wide)} × ${mm(tall)} mm`;
    }

    function put({ left, top, right, bottom }) {
      const percent = (v) => String(Math.round(Math.min(1 - LEAST, Math.max(0, v)) * 1000) / 10);
      field("left").value = percent(left);
      field("top").value = percent(top);
      field("right").value = percent(1 - right);
      field("bottom").value = percent(1 - bottom);
      draw();
    }

    function pulled(start, u, v, dx, dy) {
      const now = { ...start };
      if (u === 0) now.left = Math.min(Math.max(0, start.left + dx), start.right - LEAST);
      if (u === 1) now.right = Math.max(Math.min(1, start.right + dx), start.left + LEAST);
      if (v === 0) now.top = Math.min(Math.max(0, start.top + dy), start.bottom - LEAST);
      if (v === 1) now.bottom = Math.max(Math.min(1, start.bottom + dy), start.top + LEAST);
      return now;
    }

    function shifted(start, dx, dy) {
      const x = Math.min(Math.max(dx, -start.left), 1 - start.right);
      const y = Math.min(Math.max(dy, -start.top), 1 - start.bottom);
      return { left: start.left + x, right: start.right + x, top: start.top + y, bottom: start.bottom + y };
    }

    const place = (event) => {
      const area = svg.getBoundingClientRect();
      return [(event.clientX - area.left) / area.width, (event.clientY - area.top) / area.height];
    };
    let levelling = false;

    function drag(down, follow, done) {
      down.preventDefault();
      svg.setPointerCapture(down.pointerId);
      const move = (event) => follow(place(event));
      svg.addEventListener("pointermove", move);
      for (const end of ["pointerup", "pointercancel"]) {
        svg.addEventListener(end, (event) => {
          svg.removeEventListener("pointermove", move);
          done?.(place(event));
        }, { once: true });
      }
    }

    svg.addEventListener("pointerdown", (down) => {
      const [x0, y0] = place(down);
      const start = box();
      if (levelling) {
        const line = (x, y) => part("line").setAttribute("d", `M${x0 * 1000} ${y0 * height()}L${x * 1000} ${y * height()}`);
        drag(down, ([x, y]) => line(x, y), ([x, y]) => {
          part("line").setAttribute("d", "");
          const lean = (Math.atan2((y - y0) * height(), (x - x0) * 1000) * 180) / Math.PI;
          // a line drawn more upright than level is meant to be upright
          const off = ((((lean + 45) % 90) + 90) % 90) - 45;
          straighten(Math.max(-15, Math.min(15, number("degrees") - off)));
          level(false);
        });
        return;
      }
      const corner = down.target.closest("circle");
      if (corner) {
        corner.focus({ preventScroll: true });
        drag(down, ([x, y]) => put(pulled(start, Number(corner.dataset.u), Number(corner.dataset.v), x - x0, y - y0)));
      } else if (down.target === part("kept")) {
        drag(down, ([x, y]) => put(shifted(start, x - x0, y - y0)));
      }
    });
    for (const corner of corners) {
      corner.addEventListener("keydown", (event) => {
        const far = event.shiftKey ? 0.05 : 0.005;
        const step = { ArrowLeft: [-far, 0], ArrowRight: [far, 0], ArrowUp: [0, -far], ArrowDown: [0, far] }[event.key];
        if (step) {
          event.preventDefault();
          put(pulled(box(), Number(corner.dataset.u), Number(corner.dataset.v), ...step));
        }
      });
    }

    let asked = 0;
    function look() {
      clearTimeout(asked);
      asked = setTimeout(() => image.setAttribute("href",
        `${form.dataset.base}/turned.png?quarters=${field("quarters").value}&degrees=${number("degrees")}&mirror=${field("mirror").checked}`), 120);
    }
    function straighten(degrees) {
      const tenth = Math.round(degrees * 10) / 10;
      field("degrees").value = tenth;
      form.querySelector("[data-slide]").value = tenth;
      look();
    }
    function level(on) {
      levelling = on;
      form.querySelector("[data-level]").setAttribute("aria-pressed", on);
      svg.classList.toggle("ground-point", on);
    }
    form.querySelector("[data-level]").addEventListener("click", () => level(!levelling));
    form.querySelector("[data-slide]").addEventListener("input", (event) => straighten(Number(event.target.value)));
    form.querySelector("[data-all]").addEventListener("click", () => put({ left: 0, top: 0, right: 1, bottom: 1 }));
    field("degrees").addEventListener("change", () => straighten(number("degrees")));
    field("mirror").addEventListener("change", look);
    field("quarters").addEventListener("change", (event) => {
      const before = Number(form.dataset.turned ||= event.target.defaultValue || 0);
      form.dataset.turned = event.target.value;
      if ((Number(event.target.value) - before) % 2) {
        const h = Math.round(1e6 / height());
        svg.setAttribute("viewBox", `0 0 1000 ${h}`);
        image.setAttribute("height", h);
        form.dataset.whole = (Number(form.dataset.whole) * 1000) / h;
      }
      look();
      draw();
    });
    for (const name of ["left", "top", "right", "bottom", "scale"]) {
      for (const input of form.querySelectorAll(`[name=${name}]`)) {
        input.addEventListener("change", draw);
      }
    }
    form.dataset.turned = field("quarters").value;
    draw();
  }
}
