import { computed } from 'vue'
import { benchOf, type BenchId } from '~/benches'

/** Benches on which something is measured: what is only planned must not look like it. */
const AFLOAT: ReadonlySet<BenchId> = new Set<BenchId>(['under', 'helm', 'trial', 'power'])

/** Whether the bench that is open is one at which instruments speak. */
export function useAfloat() {
  const { currentRoute } = useRouter()
  return computed(() => {
    const bench = benchOf(currentRoute.value.path)
    return bench !== undefined && AFLOAT.has(bench.id)
  })
}
