import { Renderer } from 'vexflow/core'
import { type Engraved, engraveSystem, type Shown, type System } from '#engraving'
import type { RealisedStudy } from '#core/realise'

/**
 * Clears the host and draws one system into it. The engraving face must have been loaded.
 * @param shown what will stand with the notes and wants room
 */
export const drawSystem = (
  host: HTMLDivElement,
  study: RealisedStudy,
  system: System,
  width: number,
  shown: Shown,
): Engraved =>
  engraveSystem(
    {
      context: (height) => {
        host.replaceChildren()
        const renderer = new Renderer(host, Renderer.Backends.SVG)
        renderer.resize(width, height)
        const context = renderer.getContext()
        // invisible hit boxes would cover what the page lays over the score
        ;(context as unknown as { pointerRect: () => unknown }).pointerRect = () => context
        return context
      },
      moveDown: (group, by) => (group as SVGGElement).setAttribute('transform', `translate(0 ${by})`),
    },
    study,
    system,
    shown,
  )
