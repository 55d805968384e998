// What is pressed before the scripts are there is kept until they are, and given then: buttons that work by script alone, and keys, held as
// long as they were. No press is lost on a slow machine.
{
  const buttons = [];
  const keys = [];
  const keepButton = (event) => {
    const button = event.target.closest?.("button[type=button]");
    if (button) {
      event.stopPropagation();
      buttons.push(button);
    }
  };
  const typed = (event) => event.target.closest?.("input, select, textarea, summary") || event.ctrlKey || event.metaKey || event.altKey;
  const keepKey = (event) => {
    if (!typed(event) && !event.repeat && (event.key.length === 1 || event.key === "Enter")) {
      keys.push({ type: event.type, key: event.key, shiftKey: event.shiftKey, target: event.target, at: performance.now() });
    }
  };
  // each as long after the one before as it was pressed, counted from when that one was given: a busy page shortens no hold
  const give = (i) => {
    if (i < keys.length) {
      const { type, key, shiftKey, target, at } = keys[i];
      setTimeout(() => {
        (target.isConnected ? target : document.body).dispatchEvent(new KeyboardEvent(type, { key, shiftKey, bubbles: true, cancelable: true }));
        give(i + 1);
      }, i === 0 ? 0 : at - keys[i - 1].at);
    }
  };
  addEventListener("click", keepButton, true);
  addEventListener("keydown", keepKey, true);
  addEventListener("keyup", keepKey, true);
  addEventListener("kindveil:awake", () => {
    removeEventListener("click", keepButton, true);
    removeEventListener("keydown", keepKey, true);
    removeEventListener("keyup", keepKey, true);
    buttons.filter((button) => button.isConnected).forEach((button) => button.click());
    give(0);
  }, { once: true });
}
