import { refused } from '../answers/answering'

/** What can be asked, and how. */
const METHODS: Readonly<Record<string, string>> = {
  evaluate: 'POST',
  new: 'POST',
  fit: 'POST',
  instruments: 'GET, POST',
}

/** Whatever else is asked below /api: a path that there is with another method, or no path of ours. */
export default defineEventHandler(event => {
  const path = (getRouterParam(event, 'path') ?? '').replace(/\/$/, ''),
    methods = Object.hasOwn(METHODS, path) ? METHODS[path]! : null
  const { status, json } = methods
    ? refused(405, 'method', `/api/${path} takes ${methods.replace(', ', ' or ')}, not ${event.method}.`)
    : refused(404, 'path', `There is no /api/${path.slice(0, 60)}. There are ${Object.keys(METHODS).join(', ')}.`)
  setResponseStatus(event, status)
  if (methods) setResponseHeader(event, 'allow', methods)
  setResponseHeader(event, 'content-type', 'application/json')
  return json
})
