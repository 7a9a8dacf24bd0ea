// Before anything is painted: by day or by night, as this browser last chose or as the machine prefers.
;(function () {
  var kept = null
  try {
    kept = localStorage.getItem('lamp.theme')
  } catch {
    // Storage is switched off: the machine's preference serves.
  }
  var night = kept ? kept === 'night' : matchMedia('(prefers-color-scheme: dark)').matches
  document.documentElement.dataset.theme = night ? 'night' : 'day'
})()
