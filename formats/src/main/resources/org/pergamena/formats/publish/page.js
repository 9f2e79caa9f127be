"use strict";
(() => {
  const map = document.getElementById("map");
  const svg = map.querySelector("svg");
  const outline = document.getElementById("outline");
  const size = { width: svg.viewBox.baseVal.width, height: svg.viewBox.baseVal.height };
  // smaller than this, labels cannot be read
  const LEGIBLE = 0.6;
  let view = { x: 0, y: 0, k: 1 };
  let touched = false;
  const show = () => {
    svg.style.transform = `translate(${view.x}px, ${view.y}px) scale(${view.k})`;
  };
  const fit = () => {
    const k = Math.min(map.clientWidth / size.width, map.clientHeight / size.height, 1.2);
    view = { k, x: (map.clientWidth - size.width * k) / 2, y: (map.clientHeight - size.height * k) / 2 };
    show();
  };
  // a large map begins at its top, as large as the window is wide for it
  const begin = () => {
    fit();
    if (view.k < LEGIBLE) {
      const k = Math.max(LEGIBLE, Math.min(map.clientWidth / size.width, 1));
      view = { k, x: Math.max(0, (map.clientWidth - size.width * k) / 2), y: 0 };
      show();
    }
  };
  const zoom = (factor, x, y) => {
    const k = Math.min(6, Math.max(0.05, view.k * factor));
    view = { k, x: x - ((x - view.x) * k) / view.k, y: y - ((y - view.y) * k) / view.k };
    show();
  };
  begin();
  window.addEventListener("resize", () => touched || begin());
  for (const name of ["wheel", "pointerdown", "keydown"]) {
    map.addEventListener(name, () => { touched = true; });
  }
  map.addEventListener("wheel", (event) => {
    event.preventDefault();
    const box = map.getBoundingClientRect();
    zoom(Math.exp(-event.deltaY / 400), event.clientX - box.left, event.clientY - box.top);
  }, { passive: false });
  const pointers = new Map();
  let moved = false;
  map.addEventListener("pointerdown", (event) => {
    pointers.set(event.pointerId, event);
    moved = false;
  });
  map.addEventListener("pointermove", (event) => {
    const before = pointers.get(event.pointerId);
    if (!before) {
      return;
    }
    const [dx, dy] = [event.clientX - before.clientX, event.clientY - before.clientY];
    moved ||= Math.hypot(dx, dy) > 3;
    const other = [...pointers].find(([id]) => id !== event.pointerId)?.[1];
    if (other) {
      const box = map.getBoundingClientRect();
      const was = Math.hypot(before.clientX - other.clientX, before.clientY - other.clientY);
      const is = Math.hypot(event.clientX - other.clientX, event.clientY - other.clientY);
      zoom(is / Math.max(1, was), (event.clientX + other.clientX) / 2 - box.left, (event.clientY + other.clientY) / 2 - box.top);
    } else {
      view = { ...view, x: view.x + dx, y: view.y + dy };
      show();
    }
    pointers.set(event.pointerId, event);
  });
  for (const name of ["pointerup", "pointercancel", "pointerleave"]) {
    map.addEventListener(name, (event) => pointers.delete(event.pointerId));
  }
  map.addEventListener("keydown", (event) => {
    const step = { ArrowLeft: [40, 0], ArrowRight: [-40, 0], ArrowUp: [0, 40], ArrowDown: [0, -40] }[event.key];
    if (step) {
      event.preventDefault();
      view = { ...view, x: view.x + step[0], y: view.y + step[1] };
      show();
    } else if (event.key === "+" || event.key === "-") {
      zoom(event.key === "+" ? 1.25 : 0.8, map.clientWidth / 2, map.clientHeight / 2);
    } else if (event.key === "0") {
      fit();
    }
  });
  const open = (details) => {
    for (let at = details; at instanceof HTMLDetailsElement; at = at.parentElement) {
      at.open = true;
    }
  };
  const choose = (id) => {
    for (const before of svg.querySelectorAll(".chosen")) {
      before.classList.remove("chosen");
    }
    const drawn = document.getElementById(`t${id}`);
    drawn?.classList.add("chosen");
    return drawn;
  };
  // brings a topic into sight where it is not
  const reveal = (drawn) => {
    const box = map.getBoundingClientRect();
    if (view.k < LEGIBLE) {
      zoom(LEGIBLE / view.k, box.width / 2, box.height / 2);
    }
    const at = drawn.getBoundingClientRect();
    if (at.left < box.left || at.right > box.right || at.top < box.top || at.bottom > box.bottom) {
      touched = true;
      view = {
        ...view,
        x: view.x + box.left + box.width / 2 - (at.left + at.right) / 2,
        y: view.y + box.top + box.height / 2 - (at.top + at.bottom) / 2,
      };
      show();
    }
  };
  map.addEventListener("click", (event) => {
    const topic = event.target.closest("g[id^=t]");
    const details = topic && document.getElementById(`o${topic.id.slice(1)}`);
    if (details && !moved) {
      open(details);
      choose(topic.id.slice(1));
      details.scrollIntoView({ block: "start" });
      details.querySelector("summary").focus({ preventScroll: true });
    }
  });
  // what is closed in the outline is not shown on the map either, once somebody has closed it
  outline.addEventListener("click", (event) => {
    const details = event.target.closest("summary")?.parentElement;
    const link = event.target.closest("a[href^='#o']");
    if (link) {
      open(document.querySelector(link.getAttribute("href")));
    }
    if (details) {
      const drawn = choose(details.id.slice(1));
      if (drawn) {
        reveal(drawn);
      }
      const closing = details.open;
      for (const below of details.querySelectorAll("details")) {
        const drawn = document.getElementById(`t${below.id.slice(1)}`);
        drawn?.classList.toggle("away", closing);
      }
    }
  });
  // what is closed is printed too
  let closed = [];
  window.addEventListener("beforeprint", () => {
    closed = [...outline.querySelectorAll("details:not([open])")];
    closed.forEach((details) => { details.open = true; });
  });
  window.addEventListener("afterprint", () => closed.forEach((details) => { details.open = false; }));
  const find = document.getElementById("find");
  const found = document.getElementById("found");
  const all = [...outline.querySelectorAll("details")];
  const text = new Map(all.map((details) => [details, [...details.childNodes]
    .filter((node) => !(node instanceof HTMLDetailsElement))
    .map((node) => node.textContent).join(" ").toLocaleLowerCase()]));
  find.addEventListener("input", () => {
    const words = find.value.trim().toLocaleLowerCase();
    const hits = words ? all.filter((details) => text.get(details).includes(words)) : [];
    const kept = new Set();
    for (const hit of hits) {
      for (let at = hit; at instanceof HTMLDetailsElement; at = at.parentElement) {
        kept.add(at);
      }
    }
    for (const details of all) {
      details.classList.toggle("miss", words !== "" && !kept.has(details));
      if (words && kept.has(details)) {
        details.open = true;
      }
    }
    found.textContent = words ? `${hits.length} found` : "";
    hits[0]?.scrollIntoView({ block: "nearest" });
  });
  window.addEventListener("beforeprint", () => {
    for (const details of all) {
      details.open = true;
    }
  });
})();
