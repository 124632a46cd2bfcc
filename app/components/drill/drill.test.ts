import { mount } from '@vue/test-utils'
import { describe, expect, it } from 'vitest'
import { findVariation } from '~~/core/catalogue'
import DrillFigure from './DrillFigure.vue'

const shown = (id: string, small = false) =>
  mount(DrillFigure, { props: { drill: findVariation(id)!, width: 150, height: 54, small } })

describe('the figure of a drill', () => {
  it('shows both ends of what moves, one of a hold, and one in a label', () => {
    const figures = (wrapper: ReturnType<typeof shown>): number =>
      wrapper.findAll('svg circle[fill="currentColor"]').length
    expect(figures(shown('press-out.standing'))).toBe(2)
    expect(figures(shown('side-plank.feet'))).toBe(1)
    expect(figures(shown('press-out.standing', true))).toBe(1)
  })

  it('says what it is to whoever cannot see it, and marks what is only a picture', () => {
    expect(shown('press-out.standing').find('[role=img]').attributes('aria-label'))
      .toBe('Press-out, standing, as computed, from its easy end to its hard one')
    expect(shown('posterior.shell').text()).toContain('picture')
    expect(shown('side-plank.feet').text()).not.toContain('picture')
  })

  it('stays inside its box', () => {
    for (const id of ['carries.overhead', 'levers.full', 'front-plank.elbows', 'rotation.throw-to-wall']) {
      const sizes = shown(id).findAll('svg[viewBox]')
        .map(svg => [svg.attributes('width'), svg.attributes('height')].map(Number))
      expect(sizes.reduce((sum, [w]) => sum + (w ?? 0), 0), id).toBeLessThanOrEqual(150)
      expect(Math.max(...sizes.map(([, h]) => h ?? 0)), id).toBeLessThanOrEqual(54.5)
    }
  })

  it('is nothing for a drill nobody knows', () => {
    expect(mount(DrillFigure, { props: { drill: null, width: 100, height: 50 } }).find('svg').exists()).toBe(false)
  })
})
