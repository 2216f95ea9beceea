// Before the first paint: the look that was chosen last on this device.
;(() => {
  const kept = localStorage.getItem('look')
  const wished = matchMedia('(prefers-color-scheme: dark)').matches ? 'dark' : 'light'
  const look = kept === 'light' || kept === 'dark' || kept === 'torch' ? kept : wished
  document.documentElement.dataset.look = look
  document.documentElement.dataset.mantineColorScheme = look === 'light' ? 'light' : 'dark'
})()
