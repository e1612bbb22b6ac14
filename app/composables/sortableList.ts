import Sortable from 'sortablejs'
import { onBeforeUnmount, type Ref, watch } from 'vue'

/** Lets a list be dragged by its `.grip`s. @param move what is done with the places, the first being 0 */
export function sortableList(list: Ref<HTMLElement | undefined>, move: (from: number, to: number) => void): void {
  let sortable: Sortable | undefined
  watch(list, (element) => {
    sortable?.destroy()
    if (!element) return
    sortable = Sortable.create(element, {
      handle: '.grip',
      animation: 120,
      onEnd: ({ oldIndex, newIndex, item }) => {
        if (oldIndex === undefined || newIndex === undefined || oldIndex === newIndex) return
        // the list is Vue's: put the element back and let the data move it
        element.insertBefore(item, element.children[newIndex > oldIndex ? oldIndex : oldIndex + 1] ?? null)
        move(oldIndex, newIndex)
      },
    })
  })
  onBeforeUnmount(() => sortable?.destroy())
}
