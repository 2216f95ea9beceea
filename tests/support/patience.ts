/** What is waited for on a page may take as long as the machine needs. */
import { configure } from '@testing-library/react'

configure({ asyncUtilTimeout: 60_000 })
