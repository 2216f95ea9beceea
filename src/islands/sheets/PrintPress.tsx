/** Above a paper that is printed as it is. */
import presses from '../../ui/presses.module.css'
import { words } from '../../words'
import classes from './sheets.module.css'

export const PrintPress = () => (
  <p className={`${classes.press} no-print`}>
    <button type="button" className={presses.go} onClick={() => window.print()}>
      {words.sheets.label.print}
    </button>
    <span>{words.sheets.label.paper}</span>
  </p>
)
