// What is told at another device, or in another window, is heard here as it happens.

/** @param making the one at hand, or undefined @param hear what was heard, by its kind */
export function follow(making, hear) {
  let source;
  let opened = 0;
  const open = () => {
    if (source || document.hidden || !window.EventSource) {
      return;
    }
    source = new EventSource(making ? `/live?making=${making}` : "/live");
    source.addEventListener("open", () => {
      document.body.dataset.follows = "yes";
      opened += 1;
      // what happened while nobody looked is asked for
      if (opened > 1) {
        hear("again", {});
      }
    });
    for (const kind of ["making", "rings", "out"]) {
      source.addEventListener(kind, (event) => hear(kind, JSON.parse(event.data)));
    }
  };
  // a browser keeps few ways open to one place: what nobody looks at lets go of its own
  const close = () => {
    source?.close();
    source = undefined;
  };
  document.addEventListener("visibilitychange", () => (document.hidden ? close() : open()));
  window.addEventListener("pagehide", close);
  window.addEventListener("pageshow", open);
  open();
}
