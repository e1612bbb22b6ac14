// eslint-disable-next-line @typescript-eslint/triple-slash-reference -- a module that the build makes can only be declared so
/// <reference path="./homeFiles.d.ts" />
/** What the build made for a pupil's page (nuxt.config.ts). */
export { homeFiles, homeWorker } from '#home-files'
