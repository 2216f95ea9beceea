/** Pulling things with a mouse or a finger; by keys there are other ways, so nothing is announced here. */
import {
  type DndContextProps,
  MouseSensor,
  TouchSensor,
  useSensor,
  useSensors,
} from '@dnd-kit/core'

/** A press is a pick, a pull is a move; on glass one has to hold a moment first. */
const PULL = { activationConstraint: { distance: 6 } }
const HOLD = { activationConstraint: { delay: 240, tolerance: 8 } }

export const usePulling = () =>
  useSensors(useSensor(MouseSensor, PULL), useSensor(TouchSensor, HOLD))

/** What a pull did is said like every other act; ids read aloud would help nobody. */
export const SILENT: DndContextProps['accessibility'] = {
  announcements: {
    onDragStart: () => undefined,
    onDragOver: () => undefined,
    onDragEnd: () => undefined,
    onDragCancel: () => undefined,
  },
  screenReaderInstructions: { draggable: '' },
}
