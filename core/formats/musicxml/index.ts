/** MusicXML 4.0, plain and packed. */
export { readMusicXml, readMxl } from './read'
export { writeMusicXml, writeMxl } from './write'
