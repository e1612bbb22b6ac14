import { type FontInfo, RenderContext } from 'vexflow/core'
import { INK } from './inks'
import type { Drawn } from './page'

/** How what is drawn is set at the moment. */
interface State {
  readonly fill: string
  readonly stroke: string
  readonly width: number
  readonly size: number
}

/** A context of VexFlow that keeps what is drawn, in pixels of the system, moved down group by group. */
export class Recorder extends RenderContext {
  readonly drawn: Drawn[] = []
  private state: State = { fill: INK, stroke: INK, width: 1, size: 30 }
  private readonly stored: State[] = []
  private d = ''
  /** How far each open group is moved down. */
  private readonly groups: { down: number }[] = []

  private y(y: number): number {
    return this.groups.reduce((sum, { down }) => sum + down, y)
  }
  private set(some: Partial<State>): this {
    this.state = { ...this.state, ...some }
    return this
  }
  override clear(): void {
    this.drawn.length = 0
  }
  override setFillStyle = (fill: string): this => this.set({ fill })
  override setStrokeStyle = (stroke: string): this => this.set({ stroke })
  override setLineWidth = (width: number): this => this.set({ width })
  override setBackgroundFillStyle = (): this => this
  override setShadowColor = (): this => this
  override setShadowBlur = (): this => this
  override setLineCap = (): this => this
  override setLineDash = (): this => this
  override scale = (): this => this
  override resize = (): this => this
  override clearRect = (): this => this
  override pointerRect = (): this => this
  override rect(x: number, y: number, width: number, height: number): this {
    this.d += `M${x} ${this.y(y)}h${width}v${height}h${-width}Z`
    return this
  }
  override fillRect(x: number, y: number, width: number, height: number): this {
    return this.beginPath().rect(x, y, width, height).fill()
  }
  override beginPath(): this {
    this.d = ''
    return this
  }
  override moveTo(x: number, y: number): this {
    this.d += `M${x} ${this.y(y)}`
    return this
  }
  override lineTo(x: number, y: number): this {
    this.d += `L${x} ${this.y(y)}`
    return this
  }
  override bezierCurveTo(x1: number, y1: number, x2: number, y2: number, x: number, y: number): this {
    this.d += `C${x1} ${this.y(y1)} ${x2} ${this.y(y2)} ${x} ${this.y(y)}`
    return this
  }
  override quadraticCurveTo(x1: number, y1: number, x: number, y: number): this {
    this.d += `Q${x1} ${this.y(y1)} ${x} ${this.y(y)}`
    return this
  }
  override arc(x: number, y: number, radius: number, from: number, to: number): this {
    const at = (angle: number) => `${x + radius * Math.cos(angle)} ${this.y(y + radius * Math.sin(angle))}`
    const middle = (from + to) / 2
    this.d += `M${at(from)}A${radius} ${radius} 0 0 1 ${at(middle)}A${radius} ${radius} 0 0 1 ${at(to)}`
    return this
  }
  override closePath(): this {
    this.d += 'Z'
    return this
  }
  override fill(): this {
    this.drawn.push({ kind: 'path', d: this.d, fill: this.state.fill, stroke: null, width: 0 })
    return this
  }
  override stroke(): this {
    const { stroke, width } = this.state
    this.drawn.push({ kind: 'path', d: this.d, fill: null, stroke, width })
    return this
  }
  override fillText(text: string, x: number, y: number): this {
    const { fill: colour, size } = this.state
    this.drawn.push({ kind: 'text', text, x, y: this.y(y), face: 'music', size, colour })
    return this
  }
  override save(): this {
    this.stored.push(this.state)
    return this
  }
  override restore(): this {
    this.state = this.stored.pop() ?? this.state
    return this
  }
  override openGroup(): { down: number } {
    const group = { down: 0 }
    this.groups.push(group)
    return group
  }
  override closeGroup(): void {
    this.groups.pop()
  }
  override openRotation(): void {
    // nothing of ours is turned
  }
  override closeRotation(): void {
    // nothing of ours is turned
  }
  override add(): void {
    // there is no tree to add to
  }
  override measureText(): { x: number; y: number; width: number; height: number } {
    return { x: 0, y: 0, width: 0, height: 0 }
  }
  override set fillStyle(style: string) {
    this.set({ fill: style })
  }
  override get fillStyle(): string {
    return this.state.fill
  }
  override set strokeStyle(style: string) {
    this.set({ stroke: style })
  }
  override get strokeStyle(): string {
    return this.state.stroke
  }
  /** Sizes come in points of a screen, 96 to the inch. */
  override setFont(font?: string | FontInfo, size?: string | number): this {
    const points = typeof font === 'object' ? font.size : size
    const [, number, unit] = /([\d.]+)(px|pt)?/.exec(String(points ?? font ?? '')) ?? []
    return number ? this.set({ size: Number(number) * (unit === 'px' ? 1 : 4 / 3) }) : this
  }
  override getFont(): string {
    return `${this.state.size}px Bravura`
  }
}
