// A rectangle dragged over a picture, sent with its form as per cent of the picture.
export function watchMarking(root) {
  for (const svg of root.querySelectorAll("svg[data-marking]")) {
    const form = document.getElementById(svg.dataset.marking);
    const rect = svg.querySelector("[data-marked]");
    const wide = Number(svg.dataset.wide);
    const tall = Number(svg.dataset.tall);
    const place = (event) => {
      const at = new DOMPoint(event.clientX, event.clientY).matrixTransform(svg.getScreenCTM().inverse());
      return [Math.min(wide, Math.max(0, at.x)), Math.min(tall, Math.max(0, at.y))];
    };
    svg.addEventListener("pointerdown", (down) => {
      if (down.button !== 0) {
        return;
      }
      down.preventDefault();
      svg.setPointerCapture(down.pointerId);
      const [x0, y0] = place(down);
      let box = null;
      const move = (event) => {
        const [x1, y1] = place(event);
        box = [Math.min(x0, x1), Math.min(y0, y1), Math.max(x0, x1), Math.max(y0, y1)];
        rect.setAttribute("x", box[0]);
        rect.setAttribute("y", box[1]);
        rect.setAttribute("width", box[2] - box[0]);
        rect.setAttribute("height", box[3] - box[1]);
      };
      const up = () => {
        svg.removeEventListener("pointermove", move);
        svg.removeEventListener("pointerup", up);
        if (box && box[2] - box[0] > wide / 50 && box[3] - box[1] > tall / 50) {
          const percent = (v, of) => String(Math.round((v / of) * 1000) / 10);
          form.elements.left.value = percent(box[0], wide);
          form.elements.top.value = percent(box[1], tall);
          form.elements.right.value = percent(box[2], wide);
          form.elements.bottom.value = percent(box[3], tall);
          form.requestSubmit();
        }
      };
      svg.addEventListener("pointermove", move);
      svg.addEventListener("pointerup", up);
    });
  }
}
