import { SVGContext } from 'vexflow/core'

const inkFor = (style: string): string => (style === 'black' ? 'currentColor' : style)

/** Where the engraver draws on a page. It saves its state with every sign, and copies of flat states need no deep clone. */
export class PageContext extends SVGContext {
  /** Everything is in the page's own ink from the start: what is inherited as well, by day and by night. */
  constructor(element: HTMLElement) {
    super(element)
    this.attributes.fill = this.attributes.stroke = 'currentColor'
    this.applyAttributes(this.svg, this.attributes)
    this.groupAttributes = [{ ...this.attributes }]
  }

  /** Some signs name their own black: on a page it is the page's ink. */
  override setStrokeStyle(style: string): this {
    return super.setStrokeStyle(inkFor(style))
  }

  override setFillStyle(style: string): this {
    return super.setFillStyle(inkFor(style))
  }

  override save(): this {
    this.stateStack.push({ state: { ...this.state }, attributes: { ...this.attributes } })
    return this
  }

  override restore(): this {
    const saved = this.stateStack.pop()
    if (saved) {
      this.state = saved.state
      this.attributes = saved.attributes
    }
    return this
  }

  /** Invisible hit boxes would cover what the page lays over the score. */
  override pointerRect(): this {
    return this
  }
}
