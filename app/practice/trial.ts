import { dateOf, examDraw, type Help } from '#core/practice'
import { unpacked } from '#shared/preparation'
import type { Practised } from '#shared/practiceView'

/** A grade's studies: those of the set where they serve, the others as if they had been added. */
function withGrade(file: Practised, grade: string): Practised {
  const { studies, places, draw } = file.instead.find((each) => each.grade === grade)!
  const taken = studies.map((recipe, at) => {
    const place = places[at]
    return place === null || place === undefined ? { id: `added ${at}`, recipe } : file.set.studies[place]!
  })
  return { ...file, draw, set: { studies: taken } }
}

/** What an exam may ask of a set from which studies were left out: by a list still all that it asked. */
export function drawOfRest({ examined, record }: Practised, studies: Practised['set']['studies']): Practised['draw'] {
  const recipes = studies.map(({ recipe }) => recipe)
  return examined && examDraw(examined, recipes, unpacked(record))
}

/** As it all would be if something that would help were done; nothing is kept by it. */
export function triedOn(file: Practised, help: Help): Practised {
  const aim = file.aim!
  switch (help.change) {
    case 'minutes':
      return { ...file, aim: { ...aim, minutesADay: help.minutesADay } }
    case 'weeks':
      return { ...file, aim: { ...aim, exam: dateOf(help.exam) } }
    case 'leave': {
      const studies = file.set.studies.filter((_, at) => !help.studies.includes(at))
      return { ...file, set: { studies }, draw: drawOfRest(file, studies) }
    }
    case 'grade':
      return withGrade(file, help.grade)
  }
}

/** The studies of a set that stay in it if something that would help is done, by their ids. */
export function studiesLeft({ set, instead }: Practised, help: Help): string[] {
  if (help.change === 'leave') return set.studies.filter((_, at) => !help.studies.includes(at)).map(({ id }) => id)
  if (help.change !== 'grade') return set.studies.map(({ id }) => id)
  const { places } = instead.find(({ grade }) => grade === help.grade)!
  return places.flatMap((place) => (place === null ? [] : [set.studies[place]!.id]))
}
