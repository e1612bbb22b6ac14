import { type Engraved, engraveSystem, type Shown, type System } from '#engraving'
import type { RealisedStudy } from '#core/realise'
import { PageContext } from './pageContext'

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
      colour: 'currentColor',
      context: (height) => {
        host.replaceChildren()
        return new PageContext(host).resize(width, height)
      },
      moveDown: (group, by) => (group as SVGGElement).setAttribute('transform', `translate(0 ${by})`),
    },
    study,
    system,
    shown,
  )
