// Knots and edges of sittings, put elsewhere by hand: dragged, or moved by arrows. The server plans anew and says what came of it.
const MINUTE = 60000;
const STEP = 5;
const FAR = 30;
const DRAGGED = 4;
const SETTLE = 500;

export function watchEvenings(root) {
  const boards = root.matches?.("[data-evenings]") ? [root] : root.querySelectorAll("[data-evenings]");
  for (const board of boards) {
    const svg = board.querySelector("svg");
    const knees = board.dataset.map.split(" ").map((knee) => knee.split(",").map(Number));
    for (const knot of svg.querySelectorAll("[data-knot]")) {
      drag(board, svg, knees, knot, (x) => putKnot(board, knot, minuteAt(knees, x)));
      knotKeys(board, knees, knot);
    }
    for (const edge of svg.querySelectorAll("[data-edge]")) {
      drag(board, svg, knees, edge, (x) => putEdge(board, edge, minuteAt(knees, x)));
    }
    board.dataset.listens = "yes";
  }
}

function minuteAt(knees, x) {
  for (let i = 1; i < knees.length; i += 1) {
    if (x <= knees[i][0]) {
      const [x0, m0] = knees[i - 1];
      const [x1, m1] = knees[i];
      return m0 + ((Math.max(x0, x) - x0) / (x1 - x0 || 1)) * (m1 - m0);
    }
  }
  return knees.at(-1)[1];
}

function rounded(board, minute) {
  const zero = Number(board.dataset.zero);
  return Math.round((zero + minute * MINUTE) / (STEP * MINUTE)) * STEP * MINUTE;
}

function said(board, milliseconds) {
  board.querySelector("[data-moves]").textContent = new Date(milliseconds).toLocaleString("en-GB", { weekday: "short", hour: "2-digit", minute: "2-digit" });
}

function place(svg, event) {
  return new DOMPoint(event.clientX, event.clientY).matrixTransform(svg.getScreenCTM().inverse()).x;
}

function drag(board, svg, knees, what, put) {
  what.addEventListener("pointerdown", (down) => {
    if (down.button) {
      return;
    }
    down.preventDefault();
    const from = place(svg, down);
    let by = 0;
    what.setPointerCapture(down.pointerId);
    const move = (event) => {
      by = place(svg, event) - from;
      what.setAttribute("transform", `translate(${by} 0)`);
      said(board, rounded(board, minuteAt(knees, from + by)));
    };
    const end = (event) => {
      what.removeEventListener("pointermove", move);
      what.removeEventListener("pointerup", end);
      what.removeEventListener("pointercancel", end);
      if (event.type === "pointerup" && Math.abs(by) >= DRAGGED) {
        what.addEventListener("click", (click) => click.preventDefault(), { once: true });
        put(from + by);
      } else {
        what.removeAttribute("transform");
        if (event.type === "pointerup" && what.href) {
          what.focus();
        }
      }
    };
    what.addEventListener("pointermove", move);
    what.addEventListener("pointerup", end);
    what.addEventListener("pointercancel", end);
  });
}

function send(board, address, values) {
  if (board.dataset.sent) {
    return;
  }
  board.dataset.sent = "yes";
  window.htmx.ajax("POST", address, { target: "#page", select: "#page", swap: "outerHTML", values: { version: board.dataset.version, ...values } })
    .then(() => history.replaceState(history.state, "", "/sittings"));
}

function putKnot(board, knot, minute) {
  send(board, "/sittings/knot", { job: knot.dataset.job, act: knot.dataset.act, to: rounded(board, minute) });
}

function putEdge(board, edge, minute) {
  const at = rounded(board, minute);
  const begins = edge.dataset.edge === "begins";
  const from = Number(edge.dataset.from);
  const to = Number(edge.dataset.to);
  if (begins ? at >= to : at <= from) {
    send(board, "/sittings/sitting", { from });
  } else {
    send(board, "/sittings/sitting", { from, begins: begins ? at : from, ends: begins ? to : at });
  }
}

function knotKeys(board, knees, knot) {
  let by = 0;
  let wait = 0;
  knot.addEventListener("keydown", (event) => {
    const step = { ArrowLeft: -1, ArrowRight: 1 }[event.key];
    if (step) {
      event.preventDefault();
      by += step * (event.shiftKey ? FAR : STEP);
      const at = minuteAt(knees, Number(knot.dataset.x)) + by;
      said(board, rounded(board, at));
      clearTimeout(wait);
      wait = setTimeout(() => putKnot(board, knot, at), SETTLE);
    }
  });
}
