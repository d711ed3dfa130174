import { createApp } from 'vue'
import type { Result } from '@/contract/result'
import type { UnitSystem } from '@/lib/units'
import DetailDrawing from '@/materials/concrete/DetailDrawing.vue'

/** The detail as a file that drawing programs read. */
export function detailSvg(result: Result, units: UnitSystem, title: string): string {
    const host = document.createElement('div')
    const app = createApp(DetailDrawing, { result, units, title })
    app.mount(host)
    const svg = host.innerHTML
    app.unmount()
    return svg
}
