interface Edge {
  readonly to: number
  capacity: number
  readonly gain: number
  /** Place of the reverse edge in `edges[to]`. */
  readonly back: number
}

/**
 * Flow of greatest total gain through a network. What leaves the source is let in unit by unit; each takes the most
 * gainful way to the sink, or back to the source in the place of another unit (Bellman-Ford with a queue). No way gains
 * anything before a unit is let in, so one way for each is enough. Exact; gains are whole numbers, and the network has
 * no gainful cycle.
 */
export class GainFlow {
  private readonly edges: Edge[][]
  private readonly gains: number[]
  private readonly waits: boolean[]
  private readonly into: (Edge | undefined)[] = []

  constructor(nodes: number) {
    this.edges = Array.from({ length: nodes }, () => [])
    this.gains = this.edges.map(() => -Infinity)
    this.waits = this.edges.map(() => false)
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
    for (const edge of [...this.edges[source]!]) {
      while (edge.capacity > 0) {
        const path = this.bestPath(edge, source, sink)
        if (!path) break
        for (const step of path) {
          step.capacity--
          this.edges[step.to]![step.back]!.capacity++
          total += step.gain
        }
      }
    }
    return total
  }

  /** The most gainful way through an edge out of the source; null where none gains anything. */
  private bestPath(first: Edge, source: number, sink: number): Edge[] | null {
    const { gains, waits, into, edges } = this
    const queue = [first.to]
    const touched = [first.to]
    gains[first.to] = first.gain
    into[first.to] = first
    for (let head = 0; head < queue.length; head++) {
      const node = queue[head]!
      waits[node] = false
      if (node === sink || node === source) continue
      const so = gains[node]!
      for (const edge of edges[node]!) {
        if (edge.capacity === 0) continue
        const gain = so + edge.gain
        const { to } = edge
        if (gain <= gains[to]!) continue
        if (gains[to] === -Infinity) touched.push(to)
        gains[to] = gain
        into[to] = edge
        if (!waits[to]) queue.push(to)
        waits[to] = true
      }
    }
    const end = gains[sink]! >= gains[source]! ? sink : source
    const path = gains[end]! > 0 ? this.wayTo(end, source) : null
    for (const node of touched) gains[node] = -Infinity
    return path
  }

  private wayTo(end: number, source: number): Edge[] {
    const path: Edge[] = []
    let node = end
    do {
      const edge = this.into[node]!
      path.push(edge)
      node = this.edges[edge.to]![edge.back]!.to
    } while (node !== source)
    return path
  }
}
