// What covers what on the sheet, and what is shown: measured from what the browser has drawn.
() => {
  const corners = (node) => {
    const { x, y, width, height } = node.getBBox();
    const matrix = node.getScreenCTM();
    return [
      [x, y],
      [x + width, y],
      [x + width, y + height],
      [x, y + height],
    ].map(([a, b]) => new DOMPoint(a, b).matrixTransform(matrix));
  };
  const normals = (shape) =>
    shape.map((from, i) => {
      const to = shape[(i + 1) % shape.length];
      return { x: from.y - to.y, y: to.x - from.x };
    });
  const spread = (shape, n) => {
    const along = shape.map((p) => p.x * n.x + p.y * n.y);
    return [Math.min(...along), Math.max(...along)];
  };
  // Half a pixel is no overlap that anybody sees.
  const meet = (a, b) =>
    ![...normals(a), ...normals(b)].some((n) => {
      const size = Math.hypot(n.x, n.y) || 1;
      const [low, high] = spread(a, n);
      const [from, to] = spread(b, n);
      return high - from <= 0.5 * size || to - low <= 0.5 * size;
    });
  const boxes = [...document.querySelectorAll("[data-label]")].map((label) => ({
    name: label.dataset.label + ": " + label.textContent,
    parts: [...label.querySelectorAll("text, rect")].map(corners),
  }));
  const overlays = [...document.querySelectorAll("[data-overlay]")].map((node) => {
    const { left, top, right, bottom } = node.getBoundingClientRect();
    return {
      name: "overlay " + node.dataset.overlay,
      parts: [[{ x: left, y: top }, { x: right, y: top }, { x: right, y: bottom }, { x: left, y: bottom }]],
    };
  });
  const edges = [...document.querySelectorAll("[data-bed] path")].flatMap((path) => {
    const origin = path.ownerSVGElement.getBoundingClientRect();
    const points = path
      .getAttribute("d")
      .slice(1, -1)
      .split("L")
      .map((pair) => pair.split(" ").map(Number))
      .map(([x, y]) => ({ x: x + origin.left, y: y + origin.top }));
    const bed = path.parentNode.dataset.bed;
    return points.map((from, i) => ({ name: "edge of " + bed, parts: [[from, points[(i + 1) % points.length]]] }));
  });
  const all = [...boxes, ...overlays];
  const overlaps = [];
  all.forEach((one, i) => {
    const others = i < boxes.length ? [...all.slice(i + 1), ...edges] : [];
    others.forEach((other) => {
      if (one.parts.some((a) => other.parts.some((b) => meet(a, b)))) overlaps.push(one.name + " / " + other.name);
    });
  });
  const shown = (tone) => document.querySelectorAll(`[data-label][data-tone=${tone}]`).length;
  const sheet = document.querySelector("[data-testid=sheet]").getBoundingClientRect();
  const onSheet = (node) => {
    const { left, top, right, bottom } = node.getBoundingClientRect();
    return left >= sheet.left && right <= sheet.right && top >= sheet.top && bottom <= sheet.bottom;
  };
  const beds = [...document.querySelectorAll("[data-bed]")].filter(onSheet);
  const named = beds.filter((bed) => document.querySelector(`[data-label="name ${bed.id.slice("thing-".length)}"]`));
  return { overlaps, labels: boxes.length, beds: beds.length, named: named.length, serious: shown("serious") };
}
