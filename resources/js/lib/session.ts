import { reactive } from 'vue'
import { api } from '@/lib/api'

export interface User {
    name: string
    email: string
    office: string
    /** Looks after the people of the office. */
    admin: boolean
    demo: boolean
}
interface State {
    user: User | null
    demo: boolean
}

/** Who is signed in. */
export const session = reactive({
    user: null as User | null,
    demo: false,
    loaded: false,

    async load(): Promise<State> {
        if (!this.loaded) this.take(await api<State>('GET', 'session'))
        return this
    },
    async signIn(email: string, password: string): Promise<void> {
        this.take(await api<State>('POST', 'session', { email, password }))
    },
    async enterDemo(): Promise<void> {
        this.take(await api<State>('POST', 'session/demo'))
    },
    async signOut(): Promise<void> {
        await api('DELETE', 'session')
        this.user = null
        this.loaded = false
    },
    take(state: State): void {
        this.user = state.user
        this.demo = state.demo
        this.loaded = true
    },
})
