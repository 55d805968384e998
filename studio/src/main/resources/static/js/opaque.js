// The opaque part of a print: every stroke, touch and moved point goes to the server, which answers with the exact outline.
const WIDTH = 1000;

export function watchOpaque(root) {
  for (const desk of root.querySelectorAll("[data-opaque]")) {
    const svg = desk.querySelector(".opaque-picture");
    const trail = svg.querySelector("[data-trail]");
    const ring = svg.querySelector("[data-brush]");
    const earlier = [];
    const drawn = () => svg.querySelector("#drawn");
    const value = (id) => desk.querySelector(`#${id}`).value.replace(",", ".");
    const tool = () => desk.querySelector("[name=tool]:checked").value;
    const across = () => ((Number(value("size")) || 3) / Number(desk.dataset.millimetres)) * WIDTH;
    const place = (event) => {
      const area = svg.getBoundingClientRect();
      return [(event.clientX - area.left) / area.width, (event.clientY - area.top) / area.width];
    };
    const text = (points) => points.map(([x, y]) => `${x.toFixed(5)},${y.toFixed(5)}`).join(" ");
    let last = Promise.resolve();
    let waiting = 0;

    /** Whatever is done while an answer is on its way is sent after it, in order, from what is drawn by then. */
    function send(act, values = {}) {
      const said = { size: value("size"), tolerance: value("tolerance"), from: value("from"), to: value("to"), by: value("by"), ...values };
      waiting++;
      last = last.then(() => post(act, said)).finally(() => {
        waiting--;
        if (!waiting) {
          trail.setAttribute("d", "");
        }
      });
      return last;
    }

    async function post(act, said) {
      if (act === "back" && !earlier.length) {
        return;
      }
      const before = drawn().dataset.code;
      const code = act === "back" ? { code: earlier.at(-1) } : {};
      await window.htmx.ajax("POST", `${desk.dataset.base}/source/opaque`, { target: "#drawn", swap: "outerHTML", values: { version: drawn().dataset.version, act, ...said, ...code } }).catch(() => {});
      if (act === "back" && drawn().dataset.code !== before) {
        earlier.pop();
      } else if (drawn().dataset.code !== before) {
        earlier.push(before);
      }
      desk.querySelector("[data-act=back]").disabled = earlier.length === 0;
      shown();
    }

    function shown() {
      svg.classList.toggle("points", tool() === "points");
      svg.classList.toggle("ground-point", tool() === "grow" || tool() === "shrink");
    }

    function stroke(down) {
      const points = [place(down)];
      const draw = () => {
        trail.setAttribute("d", `M${points.map(([x, y]) => `${x * WIDTH} ${y * WIDTH}`).join("L")}l.01 0`);
        trail.setAttribute("stroke-width", across());
        trail.setAttribute("stroke", tool() === "brush" ? "#e9c9a0" : "#12272d");
        trail.setAttribute("stroke-opacity", ".6");
      };
      draw();
      const move = (event) => {
        for (const each of event.getCoalescedEvents?.() ?? [event]) {
          points.push(place(each));
        }
        draw();
      };
      follow(down, move, () => send(tool(), { places: text(points) }));
    }

    function follow(down, move, done) {
      svg.setPointerCapture(down.pointerId);
      svg.addEventListener("pointermove", move);
      svg.addEventListener("pointerup", () => {
        svg.removeEventListener("pointermove", move);
        done();
      }, { once: true });
      svg.addEventListener("pointercancel", () => svg.removeEventListener("pointermove", move), { once: true });
    }

    function pull(down, handle) {
      let at = place(down);
      follow(down, (event) => {
        at = place(event);
        handle.setAttribute("cx", at[0] * WIDTH);
        handle.setAttribute("cy", at[1] * WIDTH);
      }, () => send("move", { places: text([at]), ring: handle.dataset.ring, point: handle.dataset.point }));
    }

    svg.addEventListener("pointerdown", (down) => {
      down.preventDefault();
      const handle = down.target.closest("[data-point]");
      if (tool() === "points") {
        if (handle) {
          handle.focus({ preventScroll: true });
          pull(down, handle);
        }
      } else if (tool() === "brush" || tool() === "wipe") {
        stroke(down);
      } else {
        send(tool(), { places: text([place(down)]) });
      }
    });
    svg.addEventListener("pointermove", (event) => {
      const [x, y] = place(event);
      const seen = tool() === "brush" || tool() === "wipe";
      ring.setAttribute("visibility", seen ? "visible" : "hidden");
      ring.setAttribute("cx", x * WIDTH);
      ring.setAttribute("cy", y * WIDTH);
      ring.setAttribute("r", across() / 2);
    });
    svg.addEventListener("pointerleave", () => ring.setAttribute("visibility", "hidden"));
    svg.addEventListener("dblclick", (event) => {
      if (tool() !== "points") {
        return;
      }
      const [x, y] = place(event);
      let best = null;
      const handles = [...drawn().querySelectorAll("[data-point]")].map((h) => ({ ring: h.dataset.ring, point: h.dataset.point, x: h.cx.baseVal.value / WIDTH, y: h.cy.baseVal.value / WIDTH }));
      for (let i = 0; i < handles.length; i++) {
        const a = handles[i];
        const next = handles[i + 1];
        const b = next && next.ring === a.ring ? next : handles.find((h) => h.ring === a.ring);
        const t = Math.min(1, Math.max(0, ((x - a.x) * (b.x - a.x) + (y - a.y) * (b.y - a.y)) / ((b.x - a.x) ** 2 + (b.y - a.y) ** 2 || 1)));
        const away = Math.hypot(x - a.x - t * (b.x - a.x), y - a.y - t * (b.y - a.y));
        if (!best || away < best.away) {
          best = { away, ring: a.ring, point: a.point };
        }
      }
      if (best && best.away < 0.03) {
        send("add", { places: text([[x, y]]), ring: best.ring, point: best.point });
      }
    });
    svg.addEventListener("keydown", (event) => {
      const handle = event.target.closest("[data-point]");
      if (!handle) {
        return;
      }
      const far = (event.shiftKey ? 1 : 0.1) / Number(desk.dataset.millimetres);
      const step = { ArrowLeft: [-far, 0], ArrowRight: [far, 0], ArrowUp: [0, -far], ArrowDown: [0, far] }[event.key];
      const { ring: r, point } = handle.dataset;
      const again = () => drawn().querySelector(`[data-ring="${r}"][data-point="${point}"]`)?.focus({ preventScroll: true });
      if (step) {
        event.preventDefault();
        send("move", { ring: r, point, places: text([[handle.cx.baseVal.value / WIDTH + step[0], handle.cy.baseVal.value / WIDTH + step[1]]]) }).then(again);
      } else if (event.key === "Delete" || event.key === "Backspace") {
        event.preventDefault();
        send("drop", { ring: r, point }).then(again);
      }
    });
    for (const button of desk.querySelectorAll("[data-act]")) {
      button.addEventListener("click", () => send(button.dataset.act));
    }
    desk.addEventListener("change", shown);
    document.addEventListener("keydown", (event) => {
      if (event.target.closest("input:not([type=radio]), select, textarea") || event.ctrlKey || event.metaKey || event.altKey) {
        return;
      }
      const chosen = { b: "brush", w: "wipe", g: "grow", t: "shrink", p: "points" }[event.key];
      if (chosen) {
        desk.querySelector(`[name=tool][value=${chosen}]`).checked = true;
        shown();
      } else if (event.key === "u") {
        send("back");
      }
    });
    shown();
  }
}
