/**
 * How Nuxt UI's parts look: each is given the names of our own drawing (assets/css/marks.css), none keeps anything of theirs. Square,
 * ruled, heavy; no shadows, no pills.
 */
export default defineAppConfig({
  ui: {
    button: {
      variants: { variant: { outline: 'key', solid: 'key go', ghost: 'key quiet', soft: 'stop-key', link: '' } },
    },
    input: { slots: { root: 'entry-box', base: 'entry' } },
    textarea: { slots: { root: 'entry-box', base: 'entry' } },
    select: {
      slots: {
        base: 'entry choice',
        value: 'choice-said',
        placeholder: 'soft',
        trailing: 'choice-end',
        content: 'choices',
        label: 'choice-label',
        item: 'choice-item',
        itemTrailing: 'gone',
      },
    },
    selectMenu: {
      slots: {
        base: 'entry choice',
        value: 'choice-said',
        placeholder: 'soft',
        trailing: 'choice-end',
        content: 'choices searched',
        input: 'search-box',
        empty: 'choice-label',
        label: 'choice-label',
        item: 'choice-item',
        itemTrailing: 'gone',
      },
    },
    inputDate: { slots: { base: 'entry parts', segment: 'part-typed' } },
    inputTime: { slots: { base: 'entry parts', segment: 'part-typed' } },
    table: { slots: { separator: 'gone', caption: 'visually-hidden', empty: 'soft' } },
    calendar: {
      slots: {
        header: 'month-head',
        heading: 'month-name',
        grid: 'month',
        headCell: 'month-weekday',
        cell: 'month-cell',
        cellTrigger: 'month-day',
      },
    },
    tabs: { slots: { list: 'tabs', indicator: 'gone', trigger: 'key tab', content: 'tab-shown' } },
    progress: { slots: { base: 'bar', indicator: 'bar-done' } },
    popover: { slots: { content: 'asked' } },
    modal: { slots: { overlay: 'laid-veil', content: 'laid' } },
    formField: { slots: { wrapper: 'gone', error: 'note wrong', help: 'note' } },
    radioGroup: { slots: { fieldset: 'keys', item: 'key one-of', base: 'one-of-dot', indicator: 'gone' } },
    checkbox: { slots: { root: 'tick', base: 'tick-box', indicator: 'tick-mark', icon: 'gone' } },
  },
})
