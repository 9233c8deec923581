/** The shortest way over edges, with a binary heap; mm. */
export function dijkstra(next: readonly (readonly [number, number])[][], from: number, to: number): number {
  const far = new Float64Array(next.length).fill(Infinity);
  const heap: [number, number][] = [[0, from]];
  far[from] = 0;
  while (heap.length > 0) {
    const [d, v] = heap[0];
    const last = heap.pop()!;
    if (heap.length > 0) {
      let k = 0;
      for (;;) {
        let child = 2 * k + 1;
        if (child >= heap.length) break;
        if (child + 1 < heap.length && heap[child + 1][0] < heap[child][0]) child++;
        if (heap[child][0] >= last[0]) break;
        heap[k] = heap[child];
        k = child;
      }
      heap[k] = last;
    }
    if (v === to) return d;
    if (d > far[v]) continue;
    for (const [u, long] of next[v])
      if (d + long < far[u]) {
        far[u] = d + long;
        let k = heap.push([far[u], u]) - 1;
        for (let up = (k - 1) >> 1; k > 0 && heap[up][0] > heap[k][0]; k = up, up = (k - 1) >> 1)
          [heap[up], heap[k]] = [heap[k], heap[up]];
      }
  }
  return Infinity;
}
