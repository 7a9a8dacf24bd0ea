import { dateOf, type IsoDay } from './dates'

/** A value on a day. */
export interface Dated {
  day: IsoDay
  value: number
}

/** Where a point lies in a chart of some width and height, from its top left. */
export interface Placed {
  x: number
  y: number
}

/**
 * Places values in a chart: days from left to right as far apart as they are in time, values from the bottom to the top.
 * Values that are all alike lie in the middle.
 */
export function placed(points: Dated[], width: number, height: number, from?: number): Placed[] {
  const days = points.map((p) => dateOf(p.day).getTime())
  const values = points.map((p) => p.value)
  const [left, right] = [Math.min(...days), Math.max(...days)]
  const [low, high] = [Math.min(...values, from ?? Infinity), Math.max(...values)]
  return points.map((p) => ({
    x: right === left ? width / 2 : ((dateOf(p.day).getTime() - left) / (right - left)) * width,
    y: high === low ? height / 2 : (1 - (p.value - low) / (high - low)) * height,
  }))
}

/**
 * Which of some places along a line can have a label without covering another's: the last always, then from the left
 * whatever is free.
 *
 * @param xs in order
 * @param apart how far labels are to be from each other at least
 */
export function labelled(xs: number[], apart: number): Set<number> {
  const last = xs.length - 1
  const shown = new Set<number>(last < 0 ? [] : [last])
  let free = -Infinity
  xs.slice(0, -1).forEach((x, i) => {
    if (x >= free && x + apart <= (xs[last] ?? 0)) {
      shown.add(i)
      free = x + apart
    }
  })
  return shown
}
