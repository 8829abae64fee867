import { computed, nextTick, type Ref } from 'vue'
import { usePreferredReducedMotion } from '@vueuse/core'
import { useSortable } from '@vueuse/integrations/useSortable'

/** ms in which the rows make room; nothing moves for who asks for no movement */
const MAKE_ROOM = 120

/**
 * A list of the document that is dragged into another order by its rows' grips.
 *
 * @param list element whose children are the rows
 * @param rows the document's list
 * @param move tells the new order: places from and to
 */
export function useDraggedList(
  list: Ref<HTMLElement | undefined>,
  rows: () => readonly unknown[],
  move: (from: number, to: number) => void,
) {
  const motion = usePreferredReducedMotion()
  useSortable(
    list,
    computed(() => [...rows()]),
    {
      handle: '.grip',
      animation: motion.value === 'reduce' ? 0 : MAKE_ROOM,
      onUpdate: (event: { oldIndex?: number; newIndex?: number; item: HTMLElement; from: HTMLElement }) => {
        const { oldIndex, newIndex } = event
        if (oldIndex === undefined || newIndex === undefined) return
        // what was dragged is put back: the list itself is drawn from the document
        event.from.insertBefore(event.item, event.from.children[oldIndex < newIndex ? oldIndex : oldIndex + 1] ?? null)
        void nextTick(() => move(oldIndex, newIndex))
      },
    },
  )
}
