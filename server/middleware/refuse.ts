import { refused } from '../answers/answering'

/** What can be asked of the server, and how. */
const METHODS: Readonly<Record<string, readonly string[]>> = {
  '/api/evaluate': ['POST'],
  '/api/does': ['POST'],
  '/api/new': ['POST'],
  '/api/fit': ['POST'],
  '/api/instruments': ['GET', 'HEAD', 'POST'],
  '/openapi.json': ['GET', 'HEAD'],
}
/** Every view is the same page, which is read. */
const PAGE = ['GET', 'HEAD'] as const
const LONGEST = 80

/** What is no view of ours, a file that is not there, or asked for in another way, is refused as what it is. */
export default defineEventHandler(event => {
  const path = event.path.split('?', 1)[0]!.replace(/(.)\/$/, '$1')
  // of the development server
  if (import.meta.dev && path.startsWith('/_')) return
  const known = Object.hasOwn(METHODS, path) ? METHODS[path]! : null,
    methods = known ?? PAGE
  const no =
    !known && /^\/api(\/|$)/.test(path)
      ? refused(404, 'path', `There is no ${path.slice(0, LONGEST)}; there is ${Object.keys(METHODS).join(', ')}.`)
      : !methods.includes(event.method)
        ? refused(405, 'method', `${path.slice(0, LONGEST)} takes ${methods.join(' or ')}, not ${event.method}.`)
        : !known && /\.[a-z0-9]{1,12}$/i.test(path)
          ? refused(404, 'path', `There is no file ${path.slice(0, LONGEST)}.`)
          : null
  if (!no) return
  setResponseStatus(event, no.status)
  if (no.status === 405) setResponseHeader(event, 'allow', methods.join(', '))
  setResponseHeader(event, 'content-type', 'application/json')
  return no.json
})
