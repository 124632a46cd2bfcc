import { mount } from '@vue/test-utils'
import { describe, expect, it } from 'vitest'
import type { Dose } from '~~/core/dose'
import DoseDrag from './DoseDrag.vue'
import LoadEditor from './LoadEditor.vue'

const dose: Dose = { sets: 3, amount: 12, unit: 'metres', restS: 60 }

describe('a dose that is dragged', () => {
  it('goes along whole steps and stands where it is, also between two of them', async () => {
    const drag = mount(DoseDrag, { props: { dose } })
    const [, amount] = drag.findAll('input')
    // 10, 12 (as it is), 15, …, 60.
    expect((amount!.element as HTMLInputElement).value).toBe('1')
    expect(amount!.attributes('aria-valuetext')).toBe('12 m')
    await amount!.setValue('2')
    expect(drag.emitted('dose')).toEqual([[{ ...dose, amount: 15 }]])
  })

  it('has no fewer than one set, and as many as were typed', async () => {
    const drag = mount(DoseDrag, { props: { dose: { ...dose, sets: 8 } } })
    const sets = drag.find('#drag-sets')
    expect((sets.element as HTMLInputElement).value).toBe(sets.attributes('max'))
    await sets.setValue('0')
    expect(drag.emitted('dose')).toEqual([[{ ...dose, sets: 1 }]])
  })
})

describe('a load', () => {
  const at = (loadKg?: number) =>
    mount(LoadEditor, { props: { setting: loadKg === undefined ? {} : { loadKg }, by: 'loadKg', loads: [4, 8, 12] } })

  it('is dragged along what there is', async () => {
    const editor = at(8)
    await editor.find('#item-load').setValue('2')
    expect(editor.emitted('setting')).toEqual([[{ loadKg: 12 }]])
  })

  it('stands at the step next to one that was typed', () => {
    expect((at(11).find('#item-load').element as HTMLInputElement).value).toBe('2')
    expect((at().find('#item-load').element as HTMLInputElement).value).toBe('0')
  })

  it.each(['0', '-3', 'heavy', '999', ''])('says what is wrong with %j and keeps the words', async (words) => {
    const editor = at(8)
    const box = editor.find('[aria-label="Load, kg"]')
    await box.setValue(words)
    expect(editor.emitted('setting')).toBeUndefined()
    expect(editor.text()).toContain('A load above 0, up to 300 kg.')
    expect((box.element as HTMLInputElement).value).toBe(words)
  })
})
