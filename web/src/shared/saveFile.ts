/** Hands bytes to the browser as a file to keep; the page stays. */
export function saveFile(bytes: Blob, name: string): void {
  const link = document.createElement('a')
  link.href = URL.createObjectURL(bytes)
  link.download = name
  link.click()
  URL.revokeObjectURL(link.href)
}
