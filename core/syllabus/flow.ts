interface Edge {
  readonly to: number
  capacity: number
  readonly gain: number
  /** Place of the reverse edge in `edges[to]`. */
  readonly back: number
}

/**
 * Flow of greatest total gain through a network, by augmenting along the most gainful path (Bellman-Ford with a queue)
 * until no path gains anything. Exact; gains are whole numbers and the network has no gainful cycle.
 */
export class GainFlow {
  private readonly edges: Edge[][]

  constructor(nodes: number) {
    this.edges = Array.from({ length: nodes }, () => [])
  }

  /** Adds an edge and returns a reader of how much flows through it. */
  join(from: number, to: number, capacity: number, gain: number): () => number {
    const edge: Edge = { to, capacity, gain, back: this.edges[to]!.length }
    const reverse: Edge = { to: from, capacity: 0, gain: -gain, back: this.edges[from]!.length }
    this.edges[from]!.push(edge)
    this.edges[to]!.push(reverse)
    return () => reverse.capacity
  }

  /** @returns the total gain */
  run(source: number, sink: number): number {
    let total = 0
    for (let path = this.bestPath(source, sink); path; path = this.bestPath(source, sink)) {
      for (const edge of path) {
        edge.capacity--
        this.edges[edge.to]![edge.back]!.capacity++
        total += edge.gain
      }
    }
    return total
  }

  private bestPath(source: number, sink: number): Edge[] | null {
    const gains = this.edges.map(() => -Infinity)
    const waits = this.edges.map(() => false)
    const into: (Edge | undefined)[] = []
    const queue = [source]
    gains[source] = 0
    for (let head = 0; head < queue.length; head++) {
      const node = queue[head]!
      waits[node] = false
      for (const edge of this.edges[node]!) {
        const gain = gains[node]! + edge.gain
        if (edge.capacity === 0 || gain <= gains[edge.to]!) continue
        gains[edge.to] = gain
        into[edge.to] = edge
        if (!waits[edge.to]) queue.push(edge.to)
        waits[edge.to] = true
      }
    }
    if (gains[sink]! <= 0) return null
    const path: Edge[] = []
    for (let node = sink; node !== source; node = this.edges[node]![into[node]!.back]!.to) path.push(into[node]!)
    return path
  }
}
