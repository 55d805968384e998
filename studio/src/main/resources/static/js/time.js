// Durations as a studio says them.
export function words(ms) {
  const seconds = Math.max(0, Math.round(ms / 1000));
  if (seconds < 90) {
    return `${seconds} s`;
  }
  const minutes = Math.round(seconds / 60);
  if (minutes < 120) {
    return `${minutes} min`;
  }
  if (minutes < 48 * 60) {
    const rest = minutes % 60;
    return rest ? `${Math.floor(minutes / 60)} h ${String(rest).padStart(2, "0")}` : `${minutes / 60} h`;
  }
  return `${Math.round(minutes / 1440)} days`;
}

export function away(ms) {
  if (Math.abs(ms) < 20000) {
    return "now";
  }
  return ms < 0 ? `${words(-ms)} ago` : `in ${words(ms)}`;
}

// the figure over a clock's hand: minutes and seconds, then hours and minutes
export function figure(ms) {
  const seconds = Math.max(0, Math.floor(ms / 1000));
  const two = (n) => String(n).padStart(2, "0");
  if (seconds < 3600) {
    return `${Math.floor(seconds / 60)}:${two(seconds % 60)}`;
  }
  if (seconds < 48 * 3600) {
    return `${Math.floor(seconds / 3600)} h ${two(Math.floor(seconds / 60) % 60)}`;
  }
  return `${Math.floor(seconds / 86400)} days`;
}
