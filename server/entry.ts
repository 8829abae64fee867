import '#nitro-internal-pollyfills'
import { createServer } from 'node:http'
import { toNodeListener } from 'h3'
import { useNitroApp } from 'nitropack/runtime'
import { setupGracefulShutdown, trapUnhandledNodeErrors } from 'nitropack/runtime/internal'

// The built server as a program: on this machine alone unless HOST says otherwise. It keeps nothing, so that several of
// them may stand behind any proxy.

const SECOND = 1000
const port = Number(process.env.NITRO_PORT ?? process.env.PORT ?? 3000),
  host = process.env.NITRO_HOST ?? process.env.HOST ?? 'localhost'
if (!Number.isInteger(port) || port < 0 || port > 65_535) {
  console.error(`PORT should be a whole number from 0 to 65535, not “${process.env.PORT}”.`)
  process.exit(1)
}

const nitro = useNitroApp()
const server = createServer(toNodeListener(nitro.h3App))
// a client that holds its connection must not send into one that has just been given up
server.keepAliveTimeout = 75 * SECOND
server.headersTimeout = 80 * SECOND
// a body of 1 MB on a slow line
server.requestTimeout = 120 * SECOND
server.on('error', (error: NodeJS.ErrnoException) => {
  console.error(error.code === 'EADDRINUSE' ? `Port ${port} is taken. Choose another: PORT=${port + 1}` : error.message)
  process.exit(1)
})
server.listen({ port, host, backlog: 1024 }, () => {
  const address = server.address()
  console.log(`Listening on http://${host}:${typeof address === 'object' && address ? address.port : port}`)
})
trapUnhandledNodeErrors()
// what is being answered is answered, streams are closed, then it ends
setupGracefulShutdown(server, nitro)

export default {}
