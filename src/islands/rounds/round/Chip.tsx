/** One of a few answers, pressed. */

export const Chip = ({
  on,
  onPress,
  children,
}: {
  readonly on: boolean
  readonly onPress: () => void
  readonly children: string
}) => (
  <button type="button" aria-pressed={on} onClick={onPress}>
    {children}
  </button>
)
