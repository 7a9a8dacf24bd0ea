/**
 * Stands in for PrimeVue's own way of putting style elements into the page: our styles are files, and the content
 * security policy refuses anything else.
 */
export function useStyle() {
  const nothing = () => {}
  return { id: '', name: '', el: null, css: '', load: nothing, unload: nothing, isLoaded: false }
}
