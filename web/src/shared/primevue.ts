import { defaultOptions } from 'primevue/config'

/**
 * PrimeVue without its looks: it brings behaviour and accessibility, the classes here bring ours. Without styles of its
 * own it also injects none, which the content security policy would refuse.
 */
export const primeVueOptions = {
  unstyled: true,
  /** A week begins on Monday, as everywhere here. */
  locale: { ...defaultOptions.locale, firstDayOfWeek: 1 },
  pt: {
    dialog: {
      mask: { class: 'dialog-mask' },
      root: { class: 'dialog layer' },
      header: { class: 'dialog-head' },
      title: { class: 'dialog-title' },
      headerActions: { class: 'dialog-actions' },
      pcCloseButton: { root: { class: 'btn quiet' } },
      content: { class: 'dialog-body' },
    },
    menu: {
      root: { class: 'menu layer' },
      list: { class: 'menu-list' },
      itemContent: { class: 'choice' },
      itemLink: { class: 'menu-link' },
      separator: { class: 'menu-rule' },
    },
    autocomplete: {
      root: { class: 'picker' },
      // A list of options with a field among them is none: a group of what is chosen, and the field to choose more.
      inputMultiple: {
        class: 'field picker-chips',
        role: 'group',
        'aria-label': 'Chosen',
        'aria-orientation': undefined,
        'aria-activedescendant': undefined,
      },
      chipItem: {
        role: 'presentation',
        'aria-selected': undefined,
        'aria-setsize': undefined,
        'aria-posinset': undefined,
      },
      inputChip: { role: 'presentation' },
      pcInputText: { root: { class: 'field' } },
      input: { class: 'picker-input' },
      pcChip: { root: { class: 'chip' }, removeIcon: { class: 'chip-remove' } },
      chipIcon: { class: 'chip-remove' },
      overlay: { class: 'layer picker-list' },
      option: { class: 'choice' },
      emptyMessage: { class: 'choice' },
    },
    datepicker: {
      root: { class: 'datepicker' },
      pcInputText: { root: { class: 'field' } },
      panel: { class: 'layer calendar' },
      header: { class: 'calendar-head' },
      title: { class: 'calendar-title' },
      selectMonth: { class: 'btn quiet' },
      selectYear: { class: 'btn quiet' },
      pcPrevButton: { root: { class: 'btn quiet' } },
      pcNextButton: { root: { class: 'btn quiet' } },
      dayView: { class: 'calendar-days' },
      weekDayCell: { class: 'calendar-weekday' },
      dayCell: { class: 'calendar-cell' },
      day: { class: 'calendar-day' },
      monthView: { class: 'calendar-grid' },
      yearView: { class: 'calendar-grid' },
      month: { class: 'btn quiet' },
      year: { class: 'btn quiet' },
    },
  },
}
