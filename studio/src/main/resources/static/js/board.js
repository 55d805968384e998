// Copies on the print sheets, put elsewhere by hand: dragged, or moved and turned by keys. The server decides what may lie where.
const STEP = 1;
const FAR = 10;
const SETTLE = 350;

export function watchBoard(root) {
  const boards = root.matches?.("[data-board]") ? [root] : root.querySelectorAll("[data-board]");
  for (const board of boards) {
    const svg = board.querySelector("svg.board");
    if (!svg) {
      continue;
    }
    for (const copy of svg.querySelectorAll(".copy")) {
      drags(board, svg, copy);
      keys(board, copy);
    }
    board.dataset.listens = "yes";
  }
}

function state(copy) {
  return { from: Number(copy.parentNode.dataset.sheet), x: Number(copy.dataset.x), y: Number(copy.dataset.y), turned: copy.dataset.turned === "true" };
}

function place(svg, event) {
  return new DOMPoint(event.clientX, event.clientY).matrixTransform(svg.getScreenCTM().inverse());
}

function send(board, copy, to) {
  if (board.dataset.sent) {
    return;
  }
  board.dataset.sent = "yes";
  const { from } = state(copy);
  const again = `copy-${to.sheet}-${to.sheet === from ? copy.dataset.index : "last"}`;
  board.dataset.again = again;
  window.htmx.ajax("POST", `${board.dataset.address}/arrange`, {
    target: "#board", swap: "outerHTML",
    values: { version: board.dataset.version, from, index: copy.dataset.index, to: to.sheet, x: to.x.toFixed(2), y: to.y.toFixed(2), turned: to.turned },
  }).then(() => document.getElementById(again)?.focus({ preventScroll: true }));
}

// the sheet under the middle of a copy, and where the copy then lies on it; past the last one a new sheet begins
function landed(svg, copy, dx, dy) {
  const at = state(copy);
  const wide = Number(copy.dataset.wide);
  const tall = Number(copy.dataset.tall);
  const own = copy.parentNode.transform.baseVal.consolidate().matrix;
  const x = own.e + at.x + dx;
  const y = own.f + at.y + dy;
  for (const sheet of svg.querySelectorAll("g[data-sheet]")) {
    const matrix = sheet.transform.baseVal.consolidate().matrix;
    const paper = sheet.querySelector(".board-paper");
    const cx = x + wide / 2 - matrix.e;
    const cy = y + tall / 2 - matrix.f;
    if (cx >= 0 && cy >= 0 && cx <= paper.width.baseVal.value && cy <= paper.height.baseVal.value) {
      return { sheet: Number(sheet.dataset.sheet), x: x - matrix.e, y: y - matrix.f, turned: at.turned };
    }
  }
  return null;
}

function drags(board, svg, copy) {
  copy.addEventListener("pointerdown", (event) => {
    if (event.button !== 0 || board.dataset.sent) {
      return;
    }
    event.preventDefault();
    copy.focus({ preventScroll: true });
    copy.setPointerCapture(event.pointerId);
    const start = place(svg, event);
    const at = state(copy);
    let dx = 0;
    let dy = 0;
    const move = (e) => {
      const now = place(svg, e);
      dx = Math.round((now.x - start.x) * 2) / 2;
      dy = Math.round((now.y - start.y) * 2) / 2;
      copy.setAttribute("transform", `translate(${at.x + dx} ${at.y + dy})`);
    };
    const end = () => {
      copy.removeEventListener("pointermove", move);
      copy.removeEventListener("pointerup", end);
      copy.removeEventListener("pointercancel", end);
      const to = dx || dy ? landed(svg, copy, dx, dy) : null;
      if (to) {
        send(board, copy, to);
      } else {
        copy.setAttribute("transform", `translate(${at.x} ${at.y})`);
      }
    };
    copy.addEventListener("pointermove", move);
    copy.addEventListener("pointerup", end);
    copy.addEventListener("pointercancel", end);
  });
}

function keys(board, copy) {
  let dx = 0;
  let dy = 0;
  let waiting = 0;
  copy.addEventListener("keydown", (event) => {
    const step = event.shiftKey ? FAR : STEP;
    const ways = { ArrowLeft: [-step, 0], ArrowRight: [step, 0], ArrowUp: [0, -step], ArrowDown: [0, step] };
    const at = state(copy);
    if (ways[event.key]) {
      event.preventDefault();
      dx += ways[event.key][0];
      dy += ways[event.key][1];
      copy.setAttribute("transform", `translate(${at.x + dx} ${at.y + dy})`);
      clearTimeout(waiting);
      waiting = setTimeout(() => send(board, copy, { sheet: at.from, x: at.x + dx, y: at.y + dy, turned: at.turned }), SETTLE);
    } else if (event.key.toLowerCase() === "r" && !event.ctrlKey && !event.metaKey) {
      event.preventDefault();
      clearTimeout(waiting);
      // about its own middle
      const shift = (Number(copy.dataset.wide) - Number(copy.dataset.tall)) / 2;
      send(board, copy, { sheet: at.from, x: Math.max(0, at.x + dx + shift), y: Math.max(0, at.y + dy - shift), turned: !at.turned });
    }
  });
}
