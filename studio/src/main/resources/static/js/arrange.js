// What lies on the page: dragged, turned, made larger, or painted with a brush. It is only shown elsewhere until its form is
// sent; how it reads there is asked for as it moves, one question at a time.
const STEP = 1;
const FAR = 10;
const TURN = 1;
const FAR_TURN = 15;
const SETTLE = 450;
const LEAST = 3;

// the page as it was seen last, shown until it is seen anew
let seen = null;

export function watchArrange(root) {
  for (const board of root.querySelectorAll("[data-arrange]")) {
    const page = board.querySelector("[data-seen]");
    const address = page.getAttribute("href");
    if (seen && seen !== address && seen.split("?")[0] === address.split("?")[0]) {
      const before = page.cloneNode();
      before.removeAttribute("data-seen");
      before.setAttribute("href", seen);
      page.before(before);
    }
    seen = address;
    const hand = board.querySelector("[data-hand]");
    const form = board.querySelector("form[data-lay]");
    if (hand && form) {
      arrange(board, hand, form);
      board.dataset.listens = "yes";
    }
  }
}

function arrange(board, hand, form) {
  const svg = hand.ownerSVGElement;
  const lies = Object.fromEntries(["x", "y", "width", "height", "turn"].map((name) => [name, Number(hand.dataset[name])]));
  const first = { ...lies };
  const reads = asks(board, lies);
  const sheet = () => svg.querySelector(".page-edge");
  const lines = Object.fromEntries(["across", "along"].map((way) => [way, [...board.querySelectorAll(`[data-lines=${way}] li`)].map((line) => Number(line.dataset.at))]));
  const draw = () => {
    hand.setAttribute("transform", `translate(${lies.x} ${lies.y}) rotate(${lies.turn} ${lies.width / 2} ${lies.height / 2})`);
    if (lies.width !== first.width || lies.height !== first.height) {
      for (const path of hand.querySelectorAll("path.edge-picture, path.area-held")) {
        path.setAttribute("transform", `scale(${lies.width / first.width} ${lies.height / first.height})`);
      }
      hand.querySelector("[data-grip]")?.setAttribute("transform", `translate(${lies.width} ${lies.height})`);
      hand.querySelector("[data-knob]")?.setAttribute("transform", `translate(${lies.width / 2} 0)`);
    }
    fill(form, board, lies);
    reads();
  };
  const sent = () => form.requestSubmit();
  const place = (event) => new DOMPoint(event.clientX, event.clientY).matrixTransform(svg.getScreenCTM().inverse());
  const middle = () => ({ x: lies.x + lies.width / 2, y: lies.y + lies.height / 2 });

  const follows = (element, begin) => element.addEventListener("pointerdown", (down) => {
    if (down.button !== 0 || brushing(board)) {
      return;
    }
    down.preventDefault();
    down.stopPropagation();
    hand.focus({ preventScroll: true });
    element.setPointerCapture(down.pointerId);
    const move = begin(place(down), { ...lies });
    let moved = false;
    const moves = (event) => {
      moved = true;
      move(place(event), event);
      draw();
    };
    const end = () => {
      element.removeEventListener("pointermove", moves);
      guides(svg, sheet(), null, null);
      if (moved) {
        sent();
      }
    };
    element.addEventListener("pointermove", moves);
    element.addEventListener("pointerup", end, { once: true });
    element.addEventListener("pointercancel", end, { once: true });
  });

  follows(hand, (from, was) => (to, event) => {
    lies.x = round(was.x + to.x - from.x);
    lies.y = round(was.y + to.y - from.y);
    if (event.altKey) {
      guides(svg, sheet(), null, null);
      return;
    }
    const [left, top, right, foot] = bounds(lies);
    const across = pull(lines.across, left, right, Number(board.dataset.reach));
    const along = pull(lines.along, top, foot, Number(board.dataset.reach));
    lies.x += across?.by ?? 0;
    lies.y += along?.by ?? 0;
    guides(svg, sheet(), across?.line ?? null, along?.line ?? null);
  });
  const knob = hand.querySelector("[data-knob]");
  follows(knob, () => (to, event) => {
    const at = middle();
    const degrees = (Math.atan2(to.x - at.x, at.y - to.y) * 180) / Math.PI;
    lies.turn = event.altKey ? Math.round(degrees * 10) / 10 : near(Math.round(degrees));
  });
  const grip = hand.querySelector("[data-grip]");
  if (grip) {
    follows(grip, (from, was) => (to) => {
      // along the box as it stands turned; its upper left corner stays
      const angle = (-was.turn * Math.PI) / 180;
      const dx = to.x - from.x;
      const dy = to.y - from.y;
      lies.width = round(Math.max(LEAST, was.width + dx * Math.cos(angle) - dy * Math.sin(angle)));
      lies.height = round(Math.max(LEAST, was.height + dx * Math.sin(angle) + dy * Math.cos(angle)));
      const corner = turned(was, -was.width / 2, -was.height / 2);
      const now = turned(lies, -lies.width / 2, -lies.height / 2, was.turn);
      lies.x = round(was.x + was.width / 2 + corner[0] - now[0] - lies.width / 2);
      lies.y = round(was.y + was.height / 2 + corner[1] - now[1] - lies.height / 2);
    });
  }

  let waiting = 0;
  hand.addEventListener("keydown", (event) => {
    const step = event.shiftKey ? FAR : STEP;
    const turn = event.shiftKey ? FAR_TURN : TURN;
    const moved = { ArrowLeft: [-step, 0, 0], ArrowRight: [step, 0, 0], ArrowUp: [0, -step, 0], ArrowDown: [0, step, 0], ",": [0, 0, -turn], ";": [0, 0, -turn], "<": [0, 0, -turn], ".": [0, 0, turn], ":": [0, 0, turn], ">": [0, 0, turn] }[event.key];
    if (!moved || event.ctrlKey || event.metaKey) {
      return;
    }
    event.preventDefault();
    lies.x = round(lies.x + moved[0]);
    lies.y = round(lies.y + moved[1]);
    lies.turn = wrapped(lies.turn + moved[2]);
    draw();
    clearTimeout(waiting);
    board.dataset.keyed = "yes";
    waiting = setTimeout(() => {
      sessionStorage.setItem("held", "yes");
      sent();
    }, SETTLE);
  });
  if (sessionStorage.getItem("held")) {
    sessionStorage.removeItem("held");
    hand.focus({ preventScroll: true });
  }
  brush(board, svg, place);
}

function turned(box, right, down, turn = box.turn) {
  const angle = (turn * Math.PI) / 180;
  return [right * Math.cos(angle) - down * Math.sin(angle), right * Math.sin(angle) + down * Math.cos(angle)];
}

function bounds(lies) {
  const corners = [[-1, -1], [1, -1], [1, 1], [-1, 1]].map(([i, j]) => turned(lies, (i * lies.width) / 2, (j * lies.height) / 2));
  const xs = corners.map((corner) => corner[0] + lies.x + lies.width / 2);
  const ys = corners.map((corner) => corner[1] + lies.y + lies.height / 2);
  return [Math.min(...xs), Math.min(...ys), Math.max(...xs), Math.max(...ys)];
}

// by how much it must move so that an edge or its middle lies on a line
function pull(lines, from, to, reach) {
  let best = null;
  for (const line of lines) {
    for (const at of [from, (from + to) / 2, to]) {
      const by = line - at;
      if (Math.abs(by) <= reach && (!best || Math.abs(by) < Math.abs(best.by))) {
        best = { by, line };
      }
    }
  }
  return best;
}

function guides(svg, sheet, across, along) {
  const show = (line, at, ends) => {
    line.classList.toggle("hidden", at === null);
    if (at !== null) {
      Object.entries(ends).forEach(([name, value]) => line.setAttribute(name, value));
    }
  };
  const wide = sheet.width.baseVal.value;
  const tall = sheet.height.baseVal.value;
  show(svg.querySelector("[data-guide-across]"), across, { x1: across, x2: across, y1: 0, y2: tall });
  show(svg.querySelector("[data-guide-along]"), along, { y1: along, y2: along, x1: 0, x2: wide });
}

function round(millimetres) {
  return Math.round(millimetres * 10) / 10;
}

function wrapped(degrees) {
  return degrees > 180 ? degrees - 360 : degrees <= -180 ? degrees + 360 : degrees;
}

function near(degrees) {
  const right = Math.round(degrees / 45) * 45;
  return wrapped(Math.abs(degrees - right) <= 3 ? right : degrees);
}

function fill(form, board, lies) {
  const length = (millimetres) => (board.dataset.inches ? `${Math.round((millimetres / 25.4) * 1000) / 1000} in` : `${round(millimetres)} mm`);
  form.elements.x.value = length(lies.x);
  form.elements.y.value = length(lies.y);
  form.elements.turn.value = Math.round(lies.turn * 10) / 10;
  if (form.elements.width) {
    form.elements.width.value = length(lies.width);
    form.elements.height.value = length(lies.height);
  }
}

// how it reads where it is held; the last place asked about is always answered
function asks(board, lies) {
  const here = board.querySelector("[data-reads-here]");
  let asking = false;
  let again = false;
  const ask = () => {
    if (asking) {
      again = true;
      return;
    }
    asking = true;
    again = false;
    const query = new URLSearchParams(Object.entries(lies).map(([name, value]) => [name, String(round(value))]));
    fetch(`${board.dataset.reads}?${query}`, { headers: { "HX-Request": "true" } }).then((answer) => (answer.ok ? answer.text() : null)).then((text) => {
      if (text !== null && here.isConnected) {
        here.innerHTML = text;
      }
    }).catch(() => {}).finally(() => {
      asking = false;
      if (again && here.isConnected) {
        ask();
      }
    });
  };
  return ask;
}

function brushing(board) {
  return Boolean(board.querySelector("form[data-brush]")?.elements.takes.value);
}

function brush(board, svg, place) {
  const form = board.querySelector("form[data-brush]");
  if (!form) {
    return;
  }
  const stroke = svg.querySelector("[data-stroke]");
  const kept = sessionStorage.getItem("brush");
  if (kept) {
    form.elements.takes.value = kept;
  }
  const broad = () => {
    const [, number, unit] = form.elements.broad.value.replace(",", ".").match(/([\d.]+(?:\/\d+)?)\s*(mm|cm|in)?/) ?? [null, "6", "mm"];
    const [over, under] = number.split("/").map(Number);
    return (under ? over / under : over) * ({ cm: 10, in: 25.4 }[unit] ?? 1);
  };
  const shown = () => svg.classList.toggle("brushing", brushing(board));
  form.elements.takes.addEventListener("change", () => {
    sessionStorage.setItem("brush", form.elements.takes.value);
    shown();
  });
  shown();
  svg.addEventListener("pointerdown", (down) => {
    if (down.button !== 0 || !brushing(board)) {
      return;
    }
    down.preventDefault();
    svg.setPointerCapture(down.pointerId);
    const points = [];
    const add = (event) => {
      const at = place(event);
      points.push(`${round(at.x)},${round(at.y)}`);
      stroke.setAttribute("points", points.join(" "));
      stroke.setAttribute("stroke-width", broad());
    };
    add(down);
    svg.addEventListener("pointermove", add);
    svg.addEventListener("pointerup", () => {
      svg.removeEventListener("pointermove", add);
      form.elements.points.value = points.join(" ");
      form.requestSubmit();
    }, { once: true });
  });
}
