// Handles on the corners of a photographed page, and on what else is looked for in it; their places stand in the form, as per cent of the picture.
const SMALL = 0.2;
const LARGE = 2;

export function watchCorners(root) {
  for (const form of root.querySelectorAll("form[data-four]")) {
    const svg = form.querySelector("svg");
    const tall = Number(svg.dataset.tall);
    const outline = svg.querySelector("[data-outline]");
    const handles = [...svg.querySelectorAll("[data-handle]")];
    const fields = handles.map((handle, i) => [form.elements[`x${i + 1}`], form.elements[`y${i + 1}`]]);
    const limited = (value) => Math.min(100, Math.max(0, Math.round(value * 100) / 100));
    const draw = () => {
      const places = fields.map(([x, y]) => [Number(x.value) * 10, (Number(y.value) * tall) / 100]);
      handles.forEach((handle, i) => handle.setAttribute("transform", `translate(${places[i].join(" ")})`));
      outline.setAttribute("d", `M${places.slice(0, 4).map((place) => place.join(" ")).join("L")}Z`);
    };
    const put = (i, x, y) => {
      fields[i][0].value = limited(x);
      fields[i][1].value = limited(y);
      draw();
    };
    handles.forEach((handle, i) => {
      handle.addEventListener("pointerdown", (down) => {
        down.preventDefault();
        handle.focus();
        handle.setPointerCapture(down.pointerId);
        const move = (event) => {
          const at = new DOMPoint(event.clientX, event.clientY).matrixTransform(svg.getScreenCTM().inverse());
          put(i, at.x / 10, (at.y / tall) * 100);
        };
        handle.addEventListener("pointermove", move);
        handle.addEventListener("pointerup", () => handle.removeEventListener("pointermove", move), { once: true });
      });
      handle.addEventListener("keydown", (event) => {
        const by = event.shiftKey ? LARGE : SMALL;
        const step = { ArrowLeft: [-by, 0], ArrowRight: [by, 0], ArrowUp: [0, -by], ArrowDown: [0, by] }[event.key];
        if (step) {
          event.preventDefault();
          put(i, Number(fields[i][0].value) + step[0], Number(fields[i][1].value) + step[1]);
        }
      });
    });
    form.addEventListener("input", draw);
    draw();
  }
}
