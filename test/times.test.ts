import { describe, expect, it } from 'vitest'
import { clockText } from '@remigo/core'
import { dateText, dayAfter, momentText, monthPage, readClock, readDate } from '~/design/times'

describe('a time of the day', () => {
  it.each([
    ['9:20', '09:20'],
    ['0920', '09:20'],
    ['920', '09:20'],
    ['9.20', '09:20'],
    ['9:20 pm', '21:20'],
    ['9:20PM', '21:20'],
    ['9 am', '09:00'],
    ['14', '14:00'],
    ['0:00', '00:00'],
    ['23:59', '23:59'],
  ])('%s is read', (typed, shown) => expect(clockText(readClock(typed)!)).toBe(shown))
  it.each(['', 'soon', '24:10', '9:61', '13 pm'])('“%s” is none', typed => expect(readClock(typed)).toBeNull())
})

describe('a day', () => {
  it.each(['2027-06-15', '15 Jun 2027', '15 June 2027', '15.6.2027', 'June 15, 2027', 'Jun 15, 2027'])(
    '%s is read, and shown in one way',
    typed => expect(dateText(readDate(typed)!)).toBe('15 Jun 2027'),
  )
  it.each(['', 'tomorrow', '2027-02-29', '31.4.2027', '15.6.27'])('“%s” is none', typed =>
    expect(readDate(typed)).toBeNull(),
  )
  it('reads strokes as they are written where the owner lives', () => {
    expect(readDate('6/5/2027', true)).toBe('2027-06-05')
    expect(readDate('6/5/2027', false)).toBe('2027-05-06')
    expect(readDate('15/6/2027', true)).toBeNull()
  })
  it('what is shown can be typed again', () => {
    for (let month = 1; month <= 12; month++) {
      const date = `2027-${String(month).padStart(2, '0')}-07`
      expect(readDate(dateText(date))).toBe(date)
    }
  })
  it('follows the calendar over the ends of months and years', () => {
    expect(dayAfter('2027-12-31')).toBe('2028-01-01')
    expect(dayAfter('2028-02-28')).toBe('2028-02-29')
    expect(monthPage('2028-02')).toEqual({ name: 'February 2028', days: 29, first: 2 })
    expect(momentText('2027-05-14T10:31')).toBe('14 May 2027, 10:31')
  })
})
