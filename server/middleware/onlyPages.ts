import { refused } from '../answers/answering'

/** Paths that are answered by routes of the server. */
const ROUTES = /^\/(api\/|openapi\.json$|__nuxt|_nuxt\/builds)/

/**
 * Every view is the same page. What is no view, a file that is not there, or a page asked for by another method than to
 * read it, is refused as what it is.
 */
export default defineEventHandler(event => {
  const path = event.path.split('?', 1)[0]!
  if (ROUTES.test(path)) return
  const reads = event.method === 'GET' || event.method === 'HEAD'
  if (reads && !/\.[a-z0-9]{1,12}$/i.test(path)) return
  const { status, json } = reads
    ? refused(404, 'path', `There is no file ${path.slice(0, 80)}.`)
    : refused(405, 'method', `A page is read: GET or HEAD, not ${event.method}.`)
  setResponseStatus(event, status)
  if (!reads) setResponseHeader(event, 'allow', 'GET, HEAD')
  setResponseHeader(event, 'content-type', 'application/json')
  return json
})
