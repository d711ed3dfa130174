import { reactive } from 'vue'

/** One line at the foot of the page that says what was done, with a way back. */
export const notice = reactive({
    text: '',
    undo: null as (() => Promise<void>) | null,

    say(text: string, undo: (() => Promise<void>) | null = null): void {
        this.text = text
        this.undo = undo
    },
    async back(): Promise<void> {
        const undo = this.undo
        this.text = ''
        this.undo = null
        await undo?.()
    },
})
