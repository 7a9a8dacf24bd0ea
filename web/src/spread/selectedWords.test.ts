import { beforeEach, describe, expect, it } from 'vitest'
import { selectedWords } from './selectedWords'

let pane: HTMLElement

beforeEach(() => {
  document.body.innerHTML = `
    <div id="pane">
      <li data-passage="4"><p data-words>so <mark>let us do</mark> that, Tom</p></li>
      <li data-passage="5"><p data-words><span class="sign">A:</span>ring the yard</p></li>
    </div><p id="outside">elsewhere</p>`
  pane = document.getElementById('pane') as HTMLElement
})

function select(from: Node, start: number, to: Node, end: number) {
  const range = document.createRange()
  range.setStart(from, start)
  range.setEnd(to, end)
  const selection = getSelection()
  selection?.removeAllRanges()
  selection?.addRange(range)
}

const words = (n: number) => pane.querySelectorAll('[data-words]')[n] as HTMLElement

describe('selected words', () => {
  it('are characters of the passage, lit or not', () => {
    const p = words(0)
    select(p.childNodes[0] as Node, 2, p.childNodes[2] as Node, 5)
    expect(selectedWords(pane)).toEqual({ passage: 4, start: 3, end: 17 })
  })

  it('do not count the sign of a note', () => {
    const p = words(1)
    select(p.childNodes[1] as Node, 0, p.childNodes[1] as Node, 4)
    expect(selectedWords(pane)).toEqual({ passage: 5, start: 0, end: 4 })
  })

  it('end with the passage they begin in', () => {
    select(words(0).childNodes[2] as Node, 7, words(1).childNodes[1] as Node, 4)
    expect(selectedWords(pane)).toEqual({ passage: 4, start: 19, end: 22 })
  })

  it('are none where nothing is selected, only blanks are, or it is elsewhere', () => {
    getSelection()?.removeAllRanges()
    expect(selectedWords(pane)).toBeNull()
    select(words(0).childNodes[0] as Node, 2, words(0).childNodes[0] as Node, 3)
    expect(selectedWords(pane)).toBeNull()
    const outside = document.getElementById('outside')?.firstChild as Node
    select(outside, 0, outside, 5)
    expect(selectedWords(pane)).toBeNull()
  })
})
