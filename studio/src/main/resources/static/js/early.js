// A press on a button that works by script alone is kept until the scripts are there, and given then; no press is lost on a slow machine.
{
  const kept = [];
  const keep = (event) => {
    const button = event.target.closest?.("button[type=button]");
    if (button) {
      event.stopPropagation();
      kept.push(button);
    }
  };
  addEventListener("click", keep, true);
  addEventListener("kindveil:awake", () => {
    removeEventListener("click", keep, true);
    kept.filter((button) => button.isConnected).forEach((button) => button.click());
  }, { once: true });
}
